import { fold } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { demoJobs } from '@/demo/demoFirm';

let ids = 0;
const demo = demoJobs(
  () => `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
);

/** The log of a demo site. @param before leaves off at the first entry for which this is so */
export function siteOf(title: string, before: (entry: Entry) => boolean = () => false): readonly Entry[] {
  const entries = demo.find((job) => job.title === title)?.entries;
  if (!entries) throw new Error(`no demo site ${title}`);
  const end = entries.findIndex(before);
  return end === -1 ? entries : entries.slice(0, end);
}

/** Every point of the demo firm with its log. */
export const allPoints = demo.flatMap(({ title, entries }) => {
  const job = fold({ id: title, title, createdAt: '' }, entries);
  return job.points.map(({ id, name }) => ({ at: `${title}, ${name}`, entries, pointId: id, job }));
});
