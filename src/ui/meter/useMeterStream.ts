import { useEffect, useState } from 'react';
import { isMeterReading, type MeterReading, type MeterTask } from '@/contract/instrument';

export interface MeterStream {
  readonly reading: MeterReading | null;
  /** The meter can’t be reached. */
  readonly away: boolean;
}

/** A frame of the stream; null where something else answered. */
function frameOf(text: string): MeterReading | null {
  try {
    const read: unknown = JSON.parse(text);
    return isMeterReading(read) ? read : null;
  } catch {
    return null;
  }
}

/** A meter's display as it runs up and settles; a new task or a higher `attempt` puts the probes on anew. */
export function useMeterStream(job: string, point: string, task: MeterTask, attempt: number): MeterStream {
  const [stream, setStream] = useState<MeterStream>({ reading: null, away: false });
  const { function: what, from, to, state, conductor } = task;
  const probed = conductor
    ? new URLSearchParams({
        conductor: conductor.key,
        test: conductor.test,
        ...(conductor.switches ? { switches: conductor.switches } : {}),
      }).toString()
    : '';
  useEffect(() => {
    const query = new URLSearchParams({ job, point, function: what, from, to, state });
    const source = new EventSource(`/api/v1/sim/meter?${query.toString()}${probed ? `&${probed}` : ''}`);
    source.onmessage = (event: MessageEvent<string>) => {
      const reading = frameOf(event.data);
      setStream((before) => (reading ? { reading, away: false } : { ...before, away: true }));
    };
    source.addEventListener('end', () => source.close());
    source.onerror = () => {
      source.close();
      setStream((before) => (before.reading?.settled ? before : { ...before, away: true }));
    };
    return () => source.close();
  }, [attempt, from, job, point, probed, state, to, what]);
  return stream;
}
