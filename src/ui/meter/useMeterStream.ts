import { useEffect, useEffectEvent, useState } from 'react';
import { METER_FRAMES, METER_FRAME_MS, type MeterReading, type MeterTask } from '@/contract/instrument';
import { useJob } from '../log/JobContext';
import { simulated } from './simulated';

export interface MeterStream {
  readonly reading: MeterReading | null;
  /** The meter can’t be reached. */
  readonly away: boolean;
}

/** A meter's display as it runs up and settles; a new task or a higher `attempt` puts the probes on anew. */
export function useMeterStream(task: MeterTask, attempt: number): MeterStream {
  const { keptJob, kept } = useJob();
  const [stream, setStream] = useState<MeterStream>({ reading: null, away: false });
  // What is kept meanwhile does not take the probes off
  const putOn = useEffectEvent(() => simulated(({ meterAt }) => meterAt(keptJob, kept)));
  useEffect(() => {
    let timer: ReturnType<typeof setInterval> | undefined;
    let isOff = false;
    putOn().then(
      (meter) => {
        if (isOff) return;
        let frame = 0;
        const show = (): void => {
          setStream({ reading: meter.read(task, (frame * METER_FRAME_MS) / 1000), away: false });
          if (++frame === METER_FRAMES) clearInterval(timer);
        };
        timer = setInterval(show, METER_FRAME_MS);
        show();
      },
      () => !isOff && setStream({ reading: null, away: true }),
    );
    return () => {
      isOff = true;
      clearInterval(timer);
    };
  }, [attempt, task]);
  return stream;
}
