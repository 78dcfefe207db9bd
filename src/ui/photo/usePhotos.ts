import { photoWords } from '@/words/screens';
import { answer, isKeptPhoto } from '@/contract/answers';
import { useCallback, useEffect, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { Away, Failed, Refused, callBytes } from '../log/api';
import { useJob } from '../log/JobContext';
import { dropWaiting, keepWaiting, markRefused, waitingPhotos, type WaitingPhoto } from './photoQueue';

const RETRY_MS = 5000;
/** Jobs whose pictures are being sent: one at a time, however many components ask for it. */
const sending = new Set<string>();
/** As the server has it; told here before minutes of sending. */
const LARGEST_BYTES = 40 * 1024 * 1024;

export interface Photos {
  /** Pictures that are not with the server yet, refused ones with their reason. */
  readonly waiting: readonly WaitingPhoto[];
  /** Why a file was not taken at all. */
  readonly fault: string | null;
  readonly add: (files: Iterable<File>) => void;
  readonly drop: (id: string) => void;
}

/** Takes pictures in for a job: kept in the browser first, sent when the server answers, then named by an entry. */
export function usePhotos(): Photos {
  const { keptJob, point, rung, who, write } = useJob();
  const jobId = keptJob.id;
  const [waiting, setWaiting] = useState<readonly WaitingPhoto[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  // The newest way to write: a send may outlast a rendering
  const writing = useRef(write);
  useEffect(() => {
    writing.current = write;
  });

  const someone = who !== null;
  const send = useCallback(async () => {
    // Without a name nothing can be written, and a picture that was sent would be named by no entry
    if (!someone || sending.has(jobId)) return;
    sending.add(jobId);
    try {
      for (const photo of await waitingPhotos(jobId)) {
        if (photo.refused !== undefined) continue;
        try {
          const kept = await callBytes(`/jobs/${jobId}/photos`, answer(isKeptPhoto), photo.file);
          writing.current('photoAttached', {
            photoId: photo.id,
            sha256: kept.sha256,
            widthPx: kept.widthPx,
            heightPx: kept.heightPx,
          });
          writing.current('photoDescribed', { photoId: photo.id, rung: photo.rung, pointOf: photo.pointId });
          await dropWaiting(photo.id);
        } catch (error) {
          if (error instanceof Refused) await markRefused(photo.id, error.message);
          else if (error instanceof Away || error instanceof Failed) break;
          else throw error;
        }
      }
    } finally {
      sending.delete(jobId);
      setWaiting(await waitingPhotos(jobId));
    }
  }, [jobId, someone]);

  useEffect(() => {
    const first = setTimeout(() => void send(), 0);
    const timer = setInterval(() => void send(), RETRY_MS);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [send]);

  const add = useCallback(
    (files: Iterable<File>) => {
      const all = [...files];
      const large = all.find(({ size }) => size > LARGEST_BYTES);
      setFault(large ? photoWords.isMBUpTo({ name: large.name, size: Math.round(large.size / 1024 / 1024) }) : null);
      const fine = all.filter(({ size }) => size <= LARGEST_BYTES);
      void (async () => {
        for (const file of fine) {
          const isKept = await keepWaiting({
            id: v7(),
            jobId,
            file,
            name: file.name,
            rung,
            pointId: point.id,
            at: new Date().toISOString(),
          });
          if (!isKept) setFault(photoWords.browserCantKeep({ name: file.name }));
        }
        setWaiting(await waitingPhotos(jobId));
        await send();
      })();
    },
    [jobId, point.id, rung, send],
  );
  const drop = useCallback(
    (id: string) => void dropWaiting(id).then(async () => setWaiting(await waitingPhotos(jobId))),
    [jobId],
  );
  return { waiting, fault, add, drop };
}
