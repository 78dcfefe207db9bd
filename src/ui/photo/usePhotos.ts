import { photoWords } from '@/words/screens';
import { useCallback, useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { correction, nowIso } from '../log/clock';
import { useJob } from '../log/JobContext';
import { dropWaiting, keepWaiting, onPhotos, signPhotos, waitingPhotos, type WaitingPhoto } from './photoQueue';
import { sendPhotos } from './photoSender';

const RETRY_MS = 5000;
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
  const { keptJob, point, rung, who } = useJob();
  const jobId = keptJob.id;
  const [waiting, setWaiting] = useState<readonly WaitingPhoto[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    const look = (): void => {
      waitingPhotos(jobId).then(setWaiting, (error: unknown) => console.warn(error));
    };
    look();
    return onPhotos(look);
  }, [jobId]);
  useEffect(() => {
    // Without a name nothing can be written, and a picture that was sent would be named by no entry
    if (!who) return;
    const send = (): void => {
      signPhotos(jobId, who)
        .then(sendPhotos)
        .catch((error: unknown) => console.warn(error));
    };
    send();
    const timer = setInterval(send, RETRY_MS);
    return () => clearInterval(timer);
  }, [jobId, who]);

  const add = useCallback(
    (files: Iterable<File>) => {
      const all = [...files];
      const large = all.find(({ size }) => size > LARGEST_BYTES);
      setFault(large ? photoWords.isMBUpTo({ name: large.name, size: Math.round(large.size / 1024 / 1024) }) : null);
      const fine = all.filter(({ size }) => size <= LARGEST_BYTES);
      const keep = async (): Promise<void> => {
        for (const file of fine) {
          const isKept = await keepWaiting({
            id: v7(),
            jobId,
            file,
            name: file.name,
            rung,
            pointId: point.id,
            at: nowIso(),
            corrected: correction(),
            ...(who ? { by: { id: who.id, name: who.name } } : {}),
          });
          if (!isKept) setFault(photoWords.browserCantKeep({ name: file.name }));
        }
        await sendPhotos();
      };
      keep().catch((error: unknown) => console.warn(error));
    },
    [jobId, point.id, rung, who],
  );
  const drop = useCallback((id: string) => void dropWaiting(id), []);
  return { waiting, fault, add, drop };
}
