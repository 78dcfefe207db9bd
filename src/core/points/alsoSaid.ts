import { said, type Text } from '../said';
import type { AlsoSaid, Job } from '../job/job';
import { factSaid, type FactSaid } from '../kinds/factText';
import { POLICY_MATTERS } from '../policy';
import type { Worry } from './climb';
import type { Point } from './point';

/** What somebody else said of a fact; the firm’s schools are the facts of a policy: they stand with their reasons. */
function saidOf({ kind, field, value }: AlsoSaid): FactSaid {
  const known = factSaid(kind, field, value);
  if (known) return known;
  const matter = Object.entries(POLICY_MATTERS).find(([id]) => id === field)?.[1];
  const school = matter?.schools.find(({ id }) => id === value);
  return {
    name: matter ? said('policyMatter', { matter: matter.matter }) : said('thePolicy'),
    value: school?.words ?? said('otherwise'),
  };
}

/** What somebody else said of a fact before it was said as it stands; null where nobody did, or both agree. */
export function otherAnswer(
  { alsoSaid }: Job,
  kind: string,
  scope: Readonly<Record<string, unknown>>,
  field: string,
): Text | null {
  const other = alsoSaid.find(
    (one) =>
      one.kind === kind &&
      one.field === field &&
      Object.entries(scope).every(([key, value]) => one.about[key] === value),
  );
  return other ? said('otherSaid', { who: other.by.name, value: saidOf(other).value }) : null;
}

/** What names one of several things of a point. */
const PARTS = ['targetId', 'obstacleId', 'cableId'] as const;

/** What two people said differently of a point, of what it hangs on, or of the site. */
export function alsoSaidWorries(job: Job, point: Point): readonly Worry[] {
  return (
    job.alsoSaid
      // What both have still to settle is told with both answers
      .filter(
        ({ of, field, kind }) =>
          !job.conflicts.some((one) => one.of === of && one.field === field && one.answers[1].kind === kind),
      )
      .filter(({ of }) => of === null || of === point.id || Object.values(point.hangs).includes(of))
      .map((other): Worry => ({
        // Of several targets, things in the way or cables each has its own
        id: [
          'also',
          other.kind,
          other.field,
          ...PARTS.map((part) => other.about[part]).filter((one) => typeof one === 'string'),
        ].join('-'),
        rung: 'look',
        words: said('alsoSaid', { who: other.by.name, ...saidOf(other) }),
      }))
  );
}
