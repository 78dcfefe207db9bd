'use client';
import { codesWords } from '@/words/screens';
import { ScanLine, ScanQrCode, Smartphone } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { EntryData } from '@/core/kinds';
import { useJob } from '../log/JobContext';
import { useMeter } from '../meter/MeterContext';
import { NoDevice, simulated } from '../meter/simulated';
import { usePhotos } from '../photo/usePhotos';
import { LiveScan } from './LiveScan';
import { readCodes } from './readCodes';

type ReadBy = NonNullable<EntryData<'deviceDescribed'>['codeReadBy']>;

/** Longer codes are no device’s. */
const LONGEST = 200;

/** A device’s code by the camera as it runs, off a picture of it, or by the stand-in; one that stands is not lost to another. */
export function ScanCode() {
  const { keptJob, kept, write } = useJob();
  const { simulated: isThere } = useMeter();
  const input = useRef<HTMLInputElement>(null);
  const [isLive, setLive] = useState(false);
  const { add: keepPicture, fault: pictureFault } = usePhotos();
  const [fault, setFault] = useState<string | null>(null);
  const [isReading, setReading] = useState(false);
  const [other, setOther] = useState<{ readonly code: string; readonly by: ReadBy } | null>(null);
  const keep = (code: string, codeReadBy: ReadBy): void => {
    setOther(null);
    write('deviceDescribed', { pointId: kept.id, code, codeReadBy });
  };
  const take = (read: string, by: ReadBy): void => {
    const code = read.slice(0, LONGEST);
    setFault(null);
    setLive(false);
    if (kept.device.code !== undefined && kept.device.code !== code) setOther({ code, by });
    else keep(code, by);
  };
  const readOff = async (file: File): Promise<void> => {
    setReading(true);
    keepPicture([file]);
    try {
      const [read] = await readCodes(file);
      if (read === undefined) setFault(codesWords.noCodeOnIt);
      else take(read, 'picture');
    } catch {
      setFault(codesWords.pictureNotRead);
    }
    setReading(false);
  };
  const simulate = async (): Promise<void> => {
    try {
      take(await simulated(({ codeAt }) => codeAt(keptJob, kept).code), 'simulated');
    } catch (error) {
      if (!(error instanceof NoDevice)) throw error;
      setFault(error.message);
    }
  };
  // A page that came over plain HTTP from another machine gets no camera
  const hasCamera = typeof navigator !== 'undefined' && 'mediaDevices' in navigator;
  return (
    <div data-testid="scan-code">
      <div className="row-of">
        {hasCamera && !isLive && (
          <Button variant="secondary" onClick={() => setLive(true)}>
            <ScanLine size={18} aria-hidden="true" /> {codesWords.scanLive}
          </Button>
        )}
        <Button variant="secondary" disabled={isReading} onClick={() => input.current?.click()}>
          <ScanQrCode size={18} aria-hidden="true" /> {isReading ? codesWords.beingRead : codesWords.codeOffPicture}
        </Button>
        {isThere && (
          <Button variant="secondary" onClick={() => void simulate()}>
            <Smartphone size={18} aria-hidden="true" /> {codesWords.scanCode}{' '}
            <span className="simulated">{codesWords.simulated}</span>
          </Button>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={codesWords.codeOffPicture}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void readOff(file);
          event.target.value = '';
        }}
      />
      {isLive && (
        <LiveScan
          onRead={(code, seen) => {
            // At once: with the code kept, what shows this may be gone
            if (seen) keepPicture([seen]);
            take(code, 'camera');
          }}
          onClose={() => setLive(false)}
        />
      )}
      {(fault ?? pictureFault) && (
        <p className="brick" role="alert">
          {fault ?? pictureFault}
        </p>
      )}
      {other && (
        <p className="brick" role="alert">
          {codesWords.anotherCode({ code: other.code, kept: kept.device.code ?? '' })}{' '}
          <Button variant="link" onClick={() => keep(other.code, other.by)}>
            {codesWords.takeThisOne}
          </Button>{' '}
          <Button variant="link" onClick={() => setOther(null)}>
            {codesWords.keepTheOther}
          </Button>
        </p>
      )}
    </div>
  );
}
