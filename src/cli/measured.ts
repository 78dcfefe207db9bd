/** One figure of a bench, aligned. */
export const line = (what: string, figure: string): void => console.log(`${what.padEnd(58)} ${figure}`);
export const ms = (value: number): string => `${value < 10 ? value.toFixed(2) : value.toFixed(1)} ms`;

/** Runs that are thrown away before the first that counts. */
const WARM_UP = 3;

/** Milliseconds of each of several runs, sorted. */
export function timesOf(runs: number, work: (i: number) => void): readonly number[] {
  for (let i = 0; i < WARM_UP; i++) work(i);
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    work(i);
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b);
}

/** {@link timesOf} for work that is awaited. */
export async function timesOfAsync(runs: number, work: (i: number) => Promise<unknown>): Promise<readonly number[]> {
  for (let i = 0; i < WARM_UP; i++) await work(i);
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await work(i);
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b);
}

/** The value below which this share of the sorted ones lies. */
export const share = (sorted: readonly number[], at: number): number =>
  sorted[Math.floor(at * (sorted.length - 1))] ?? NaN;
