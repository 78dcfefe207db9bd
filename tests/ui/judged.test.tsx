/** @vitest-environment jsdom */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { act, cleanup, renderHook } from '@testing-library/react';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { startedLog, type TestLog } from '@/core/job/forTests';
import { assess, assessmentData } from '@/core/points';
import { useJudged } from '@/ui/log/useJudged';

interface Sent {
  readonly id: string;
  /** Missing where a worker that nobody holds any more is let go, which comes whenever memory is swept. */
  readonly path?: readonly string[];
}

/** A worker that answers when a test lets it, in the words of comlink. */
class SlowWorker extends EventTarget {
  static made: SlowWorker[] = [];
  readonly asked: string[] = [];
  constructor() {
    super();
    SlowWorker.made.push(this);
  }
  postMessage({ id, path }: Sent): void {
    if (path?.includes('judge')) this.asked.push(id);
    else this.tell(id, undefined);
  }
  terminate = (): void => undefined;
  tell(id: string, value: unknown): void {
    this.dispatchEvent(new MessageEvent('message', { data: { id, type: 'RAW', value } }));
  }
}

const kept = Object.getOwnPropertyDescriptor(globalThis, 'Worker');
beforeEach(() => {
  SlowWorker.made = [];
  Object.assign(globalThis, { Worker: SlowWorker });
});
afterEach(() => {
  cleanup();
  if (kept) Object.defineProperty(globalThis, 'Worker', kept);
  else Reflect.deleteProperty(globalThis, 'Worker');
});

const log = (): TestLog =>
  startedLog()
    .write('transformerDescribed', { supplyId: 'p', ratedVolts: 16, ratedVa: 10 })
    .write('circuitListed', { circuitId: 'k', way: '4', feeds: ['p'] })
    .write('circuitSwitched', { circuitId: 'k', to: 'off', tagged: true });
const read = (on: TestLog): TestLog =>
  on.write('readingTaken', { pointId: 'p', what: 'mainsVolts', low: 118, high: 118 });

/** The point of a log on screen, its worker, and how the log goes on. */
async function shown(from: TestLog) {
  const seenOf = ({ job, door }: TestLog) => ({ job, keptJob: job, point: door, kept: door });
  const judging = (of: TestLog) => ({
    seen: seenOf(of),
    asked: {
      head: { id: 'j', title: 'Tern Cottage', createdAt: '' },
      pointId: 'p',
      entries: [...of.entries],
      draft: null,
    },
  });
  const { result, rerender } = renderHook(({ seen, asked }) => useJudged(seen, asked, SHIPPED_CATALOGUE), {
    initialProps: judging(from),
  });
  const answer = (of: TestLog) =>
    act(async () => {
      const worker = SlowWorker.made[0];
      const id = worker?.asked.at(-1);
      if (!worker || id === undefined) throw new Error('the worker was not asked');
      worker.tell(id, assessmentData(assess(of.job, of.door, 300)));
      await Promise.resolve();
    });
  const first = result.current;
  await answer(from);
  return { result, first, answer, goOn: (to: TestLog) => rerender(judging(to)) };
}

const state = (job: { readonly circuits: readonly { readonly state: { readonly state: string } }[] } | undefined) =>
  job?.circuits[0]?.state.state;

describe('a point that is judged in another thread', () => {
  it('is not shown before, and stays as it was while a reading is judged', async () => {
    const { result, first, answer, goOn } = await shown(log());
    expect(first).toBeNull();
    expect(result.current?.isJudging).toBe(false);
    const more = read(log());
    goOn(more);
    expect(result.current?.isJudging).toBe(true);
    expect(result.current?.kept).toMatchObject({ readings: [] });
    await answer(more);
    expect(result.current?.isJudging).toBe(false);
    expect(result.current?.kept).toMatchObject({ readings: [{}] });
  });

  it('shows at once what came with it of live and dead', async () => {
    const { result, goOn } = await shown(log());
    expect(state(result.current?.keptJob)).toBe('off');
    // Somebody else read something and switched it on; the worker says nothing yet
    goOn(read(log()).write('circuitSwitched', { circuitId: 'k', to: 'on' }));
    expect(state(result.current?.keptJob)).toBe('live');
    expect(result.current?.isJudging).toBe(false);
  });
});
