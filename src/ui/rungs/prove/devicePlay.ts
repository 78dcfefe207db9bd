import type { DevicePhase, DeviceScript } from '@/contract/instrument';

/** What a device shows at some moment, and for how many seconds it has. */
export interface Shown {
  readonly phase: DevicePhase;
  readonly forSeconds: number;
}

/**
 * What a device shows by its script.
 * @param onSeconds since it was switched on
 * @param codeSeconds since its code was scanned; null: it was not
 */
export function shownAt(
  { phases, joinsAfterSeconds }: DeviceScript,
  onSeconds: number,
  codeSeconds: number | null,
): Shown {
  const last = phases.findLast(({ fromSeconds }) => fromSeconds <= onSeconds) ?? { phase: 'dark', fromSeconds: 0 };
  const forSeconds = onSeconds - last.fromSeconds;
  if (last.phase !== 'ready' || codeSeconds === null) return { phase: last.phase, forSeconds };
  // A code that was scanned earlier counts from when it was ready for it
  const tries = Math.min(codeSeconds, forSeconds);
  if (joinsAfterSeconds === null || tries < joinsAfterSeconds) return { phase: 'joining', forSeconds: tries };
  return { phase: 'joined', forSeconds: tries - joinsAfterSeconds };
}
