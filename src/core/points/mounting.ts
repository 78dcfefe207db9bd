import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { answerName } from '../kinds/factText';
import type { NextMove } from '../kinds/rungs';
import { builtBeside, type BuiltBeside, type BuiltTarget } from '../yard';
import type { Mark, Worry } from './climb';
import { mark } from './marks';
import { move } from './moves';
import type { Point } from './point';
import type { AcceptedMiss } from './pointView';
import { yardSceneOf } from './yardScene';

// How a floodlight camera came to hang, whatever feeds it, and what that does to what it is to see.

/** A target that the plan meets and that is missed as the head hangs. */
export interface LostTarget {
  readonly lost: BuiltTarget;
  /** Who lets it stay missed, and why; null: it is to be aimed at again. */
  readonly accepted: AcceptedMiss | null;
}

/** How it hangs beside its plan; null until both are known. */
export function builtBesideOf(job: Job, point: Point): BuiltBeside | null {
  const yard = yardSceneOf(job, point);
  return yard?.built ? builtBeside(yard.scene, yard.aim, yard.built) : null;
}

export const lostTargets = (job: Job, point: Point): readonly LostTarget[] =>
  (builtBesideOf(job, point)?.targets ?? [])
    .filter(({ became }) => became === 'lost')
    .map((lost) => ({ lost, accepted: point.missesAccepted[lost.target.id] ?? null }));

const toAimAgain = (job: Job, point: Point): readonly BuiltTarget[] =>
  lostTargets(job, point).flatMap(({ lost, accepted }) => (accepted ? [] : [lost]));

const nameOf = ({ target }: BuiltTarget): Text => answerName('targetPlaced', 'what', target.what);

/** What was to be kept out is lost by being seen. */
const isShown = ({ now: { miss } }: BuiltTarget): boolean => miss === 'inPicture';

const whyLost = ({ now: { miss } }: BuiltTarget): Text => said('lostBecause', { miss: miss ?? 'outOfPicture' });

/** What is missed as it hangs, until it is aimed again or somebody lets it stand. */
export const lostWorries = (job: Job, point: Point): readonly Worry[] =>
  toAimAgain(job, point).map((lost) => ({
    id: `lost-${lost.target.id}`,
    rung: 'mount',
    words: said('lostAsItHangs', { what: nameOf(lost), shows: isShown(lost), why: whyLost(lost) }),
  }));

/** Whether it is asked how the head looks: only where something is to be seen by it. */
const isAimed = (job: Job, point: Point): boolean => (yardSceneOf(job, point)?.scene.targets.length ?? 0) > 0;

/** What is still to be noted, in order. */
function toNote(job: Job, point: Point): readonly ('heightM' | 'level' | 'looks')[] {
  const { heightM, level, bearingDeg, panDeg, downDeg } = point.mount;
  const looks = isAimed(job, point)
    ? panDeg !== undefined && downDeg !== undefined
    : (bearingDeg ?? panDeg) !== undefined;
  return [
    ...(heightM === undefined ? ['heightM' as const] : []),
    ...(level === undefined ? ['level' as const] : []),
    ...(looks ? [] : ['looks' as const]),
  ];
}
const NOTED = 3;

/** Mount, by what was noted of how it came, and by what it misses as it hangs. */
export function asItCameMark(job: Job, point: Point): Mark {
  const { heightM } = point.mount;
  const open = toNote(job, point);
  const lost = toAimAgain(job, point);
  const words = heightM === undefined ? '' : said('tapeLength', { metres: heightM });
  if (open.length === 0 && lost.length > 0) return mark('inHand', said('lostCount', { lost: lost.map(nameOf) }));
  return mark(open.length === 0 ? 'done' : open.length < NOTED ? 'inHand' : 'open', words);
}

/** The aim to be taken, what is to be noted, what is to be aimed again; null once all is. */
export function atAsItCame(job: Job, point: Point): NextMove | null {
  const yard = yardSceneOf(job, point);
  if (yard && isAimed(job, point) && !yard.isPlanned)
    return move('mount', said('takeAnAim'), said('aimIsComparedLater'));
  const [open] = toNote(job, point);
  if (open === 'heightM') return move('mount', said('noteHeightCameIn'), said('overTheGroundBelow'));
  if (open === 'level') return move('mount', said('setLevel'), said('levelOfSensor'));
  if (open === 'looks')
    return isAimed(job, point)
      ? move('mount', said('noteHowItHangs'), said('byPictureOrLevel'))
      : move('mount', said('noteWhereLooks'), said('compassOfPhone'));
  const [lost] = toAimAgain(job, point);
  return lost ? move('mount', said('aimAgain', { what: nameOf(lost), shows: isShown(lost) }), whyLost(lost)) : null;
}
