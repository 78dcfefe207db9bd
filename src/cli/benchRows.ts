import { boardPoint } from '@/core/board';
import { fold } from '@/core/job';
import { assess } from '@/core/points';
import { POINT_KINDS } from '@/core/kinds';
import { demoJobs } from '@/demo/demoFirm';
import { line, ms, share } from './measured';

// What the Board’s row of a point costs, by its kind: what has no bell side costs no bell solve.
export function benchRows(): void {
  let ids = 0;
  const jobs = demoJobs(
    () => `row-${++ids}`,
    (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
  );
  const first = new Map<string, number>();
  for (const kind of POINT_KINDS) {
    const firsts = jobs.flatMap(({ title, entries }) => {
      // Each job is new to the memory of assessments: nothing of a bell is known yet
      const job = fold({ id: title, title, createdAt: '' }, entries);
      return job.points
        .filter((point) => point.kind === kind)
        .map((point) => {
          const start = performance.now();
          boardPoint(job, point, assess(job, point));
          return performance.now() - start;
        });
    });
    first.set(
      kind,
      share(
        firsts.toSorted((a, b) => a - b),
        0.5,
      ),
    );
    line(`row of a ${kind} on the Board, first time`, `p50 of ${firsts.length}: ${ms(first.get(kind) ?? NaN)}`);
  }
  const bell = first.get('doorbell') ?? NaN;
  for (const kind of POINT_KINDS.filter((one) => one !== 'doorbell'))
    line(`  a doorbell’s is so many times a ${kind}’s`, `${(bell / (first.get(kind) ?? NaN)).toFixed(1)}`);
}
