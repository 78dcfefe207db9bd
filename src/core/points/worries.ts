import { NOBODY } from '../isolation';
import type { Job } from '../job/job';
import { alsoSaidWorries } from './alsoSaid';
import { checksOf, failuresOf } from './checks';
import type { Worry } from './climb';
import { climbOf } from './climbs';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';
import { identityWorries } from './identity';
import { lostWorries } from './mounting';
import { failedWorries, putOffWorries } from './proving';
import { troubleWorries, workWorries } from './sharedWorries';
import { openTrouble } from './trouble';

/** Everything open at a point, in the order of the ladder. What was surveyed and chosen is no worry once it is left. */
export function worriesOf(job: Job, point: Point, assessment: Assessment): readonly Worry[] {
  const climb = climbOf(point);
  const before = point.left ? [] : climb.worries({ job, point, assessment, who: NOBODY });
  return [
    ...before,
    ...workWorries(job, point),
    ...lostWorries(job, point),
    ...identityWorries(job, point),
    ...troubleWorries(point),
    // What its finder looks for is told once
    ...failedWorries(failuresOf(point).filter(({ check }) => check.id !== openTrouble(point)?.data.check)),
    ...putOffWorries(point, checksOf(point)),
    ...alsoSaidWorries(job, point),
  ];
}
