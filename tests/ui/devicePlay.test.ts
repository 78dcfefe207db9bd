import { describe, expect, it } from 'vitest';
import type { DeviceScript } from '@/contract/instrument';
import { shownAt } from '@/ui/rungs/prove/devicePlay';

const script: DeviceScript = {
  phases: [
    { phase: 'dark', fromSeconds: 0 },
    { phase: 'starting', fromSeconds: 2 },
    { phase: 'ready', fromSeconds: 60 },
  ],
  joinsAfterSeconds: 10,
  dbm: -58,
  upMbit: 5,
  supply: null,
  simulated: true,
};

describe('what a simulated device shows', () => {
  it('follows its script', () => {
    expect(shownAt(script, 0, null)).toEqual({ phase: 'dark', forSeconds: 0 });
    expect(shownAt(script, 59, null)).toEqual({ phase: 'starting', forSeconds: 57 });
    expect(shownAt(script, 75, null)).toEqual({ phase: 'ready', forSeconds: 15 });
  });
  it('joins so long after its code was scanned, and never before it was ready for it', () => {
    expect(shownAt(script, 75, 4)).toEqual({ phase: 'joining', forSeconds: 4 });
    expect(shownAt(script, 90, 13)).toEqual({ phase: 'joined', forSeconds: 3 });
    // Scanned while it was still starting: counted from when it was ready
    expect(shownAt(script, 66, 400)).toEqual({ phase: 'joining', forSeconds: 6 });
    expect(shownAt(script, 40, 400).phase).toBe('starting');
  });
  it('never joins where it won’t', () => {
    expect(shownAt({ ...script, joinsAfterSeconds: null }, 9000, 8000).phase).toBe('joining');
  });
});
