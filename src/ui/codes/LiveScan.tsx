'use client';
import { codesWords } from '@/words/screens';
import { useEffect, useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import { readCodes } from './readCodes';

/** Between two looks, ms: a picture takes about as long to be read on a phone. */
const LOOK_MS = 250;
/** Larger pictures tell no more of a code that fills a quarter of them, px. */
const WIDEST_PX = 960;

interface Props {
  /** @param picture in which it was read */
  readonly onRead: (code: string, picture: File | null) => void;
  readonly onClose: () => void;
}

/** The camera’s own picture, looked at until a code is read in it. */
export function LiveScan({ onRead, onClose }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const found = useRef(onRead);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    found.current = onRead;
  });
  useEffect(() => {
    let stream: MediaStream | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isGone = false;
    const canvas = document.createElement('canvas');
    const look = async (): Promise<void> => {
      const picture = video.current && pictureOf(video.current, canvas);
      const [code] = picture ? await readCodes(picture).catch(() => []) : [];
      if (isGone) return;
      if (code === undefined) timer = setTimeout(() => void look(), LOOK_MS);
      else
        canvas.toBlob((blob) => {
          if (!isGone) found.current(code, blob && new File([blob], 'code.jpg', { type: blob.type }));
        }, 'image/jpeg');
    };
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1280 } }, audio: false })
      .then(
        async (given) => {
          stream = given;
          const shown = video.current;
          if (isGone || !shown) return given.getTracks().forEach((track) => track.stop());
          shown.srcObject = given;
          await shown.play().catch(() => undefined);
          await look();
        },
        (error: unknown) =>
          setFault(
            error instanceof DOMException && error.name === 'NotAllowedError'
              ? codesWords.cameraRefused
              : codesWords.noCamera,
          ),
      );
    return () => {
      isGone = true;
      clearTimeout(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return (
    <div className="live-scan" data-testid="live-scan">
      {fault ? (
        <p className="brick" role="alert">
          {fault}
        </p>
      ) : (
        <>
          {/* muted and inline: a phone plays it in its place, without being asked */}
          <video ref={video} muted playsInline aria-label={codesWords.cameraPicture} />
          <p className="small soft" role="status">
            {codesWords.holdCodeBefore}
          </p>
        </>
      )}
      <Button variant="secondary" onClick={onClose}>
        {codesWords.stopScanning}
      </Button>
    </div>
  );
}

/** What the camera sees now, no wider than it needs to be; null while it sees nothing. */
function pictureOf(video: HTMLVideoElement, canvas: HTMLCanvasElement): ImageData | null {
  const { videoWidth, videoHeight } = video;
  if (videoWidth === 0) return null;
  const scale = Math.min(1, WIDEST_PX / videoWidth);
  canvas.width = Math.round(videoWidth * scale);
  canvas.height = Math.round(videoHeight * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}
