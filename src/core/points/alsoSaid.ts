import { factText, inTerms, type Place } from '../facts';
import type { AlsoSaid, Job } from '../job/job';
import { lengthsOf, regionOf } from '../job/region';
import { factOf } from '../kinds/facts';
import { POLICY_MATTERS } from '../policy';
import { lowerFirst } from '../units';
import type { Worry } from './climb';
import type { Point } from './point';

/** What somebody else said of a fact: “lead reaches out of the hole 3 1/2 in”. */
function saidWords({ kind, field, value }: AlsoSaid, place: Place): string {
  const described = factOf(kind, field);
  if (described) return `${inTerms(described.words, place.region)} ${factText(described, value, place)}`;
  // The firm’s schools are the facts of a policy: they stand with their reasons
  const matter = Object.entries(POLICY_MATTERS).find(([id]) => id === field)?.[1];
  const school = matter?.schools.find(({ id }) => id === value);
  return `${lowerFirst(matter?.matter ?? 'the policy')}: ${school?.words ?? 'otherwise'}`;
}

/** What two people said differently of a point, of what it hangs on, or of the site. */
export function alsoSaidWorries(job: Job, point: Point): readonly Worry[] {
  const place = { lengths: lengthsOf(job), region: regionOf(job) };
  return job.alsoSaid
    .filter(({ of }) => of === null || of === point.id || Object.values(point.hangs).includes(of))
    .map((other): Worry => ({
      id: `also-${other.kind}-${other.field}`,
      rung: 'look',
      words: `${other.by.name} also said: ${saidWords(other, place)}.`,
    }));
}
