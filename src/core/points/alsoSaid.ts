import { said, type Text } from '../said';
import { factText, inTerms } from '../facts';
import type { AlsoSaid, Job } from '../job/job';
import { regionOf } from '../job/region';
import type { RegionPack } from '../region';
import { factOf } from '../kinds/facts';
import { POLICY_MATTERS } from '../policy';
import { lowerFirst } from '../units';
import type { Worry } from './climb';
import type { Point } from './point';

/** What somebody else said of a fact: “lead reaches out of the hole 3 1/2 in”. */
function factSaid({ kind, field, value }: AlsoSaid, region: RegionPack): { readonly fact: Text; readonly value: Text } {
  const described = factOf(kind, field);
  if (described) return { fact: inTerms(described.words, region), value: factText(described, value, region) };
  // The firm’s schools are the facts of a policy: they stand with their reasons
  const matter = Object.entries(POLICY_MATTERS).find(([id]) => id === field)?.[1];
  const school = matter?.schools.find(({ id }) => id === value);
  return {
    fact: matter ? `${lowerFirst(matter.matter)}:` : said('thePolicy'),
    value: school?.words ?? said('otherwise'),
  };
}

/** What two people said differently of a point, of what it hangs on, or of the site. */
export function alsoSaidWorries(job: Job, point: Point): readonly Worry[] {
  const region = regionOf(job);
  return job.alsoSaid
    .filter(({ of }) => of === null || of === point.id || Object.values(point.hangs).includes(of))
    .map((other): Worry => ({
      id: `also-${other.kind}-${other.field}`,
      rung: 'look',
      words: said('alsoSaid', { who: other.by.name, ...factSaid(other, region) }),
    }));
}
