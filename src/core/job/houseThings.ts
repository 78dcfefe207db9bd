import { said, type Text } from '../said';
import { HANGS_ON } from '../house/things';
import { THINGS, type ThingKind } from '../kinds/point';
import type { Entry } from '../kinds/register';
import type { Job } from './job';

const THING_WORDS: Readonly<Record<ThingKind, string>> = { box: 'box', supply: 'transformer', chime: 'chime' };

/** A thing of the house with the points that hang on it. */
export interface HouseThing {
  readonly kind: ThingKind;
  readonly id: string;
  readonly name: Text;
  /** Names of the points that hang on it; none: it was found and nothing hangs there yet. */
  readonly carries: readonly Text[];
}

/** Every thing of a kind, each once: what points hang on, and what was only found so far. */
export function thingsOf(job: Job, kind: ThingKind): readonly HouseThing[] {
  const { supplies, chimes, boxes } = job.house;
  const all = {
    box: boxes.map(({ id, name, facts, cables }) => ({
      id,
      name,
      isSaid: Object.keys(facts).length + cables.length > 0,
    })),
    supply: supplies.map(({ id, name, transformer }) => ({ id, name, isSaid: Object.keys(transformer).length > 0 })),
    chime: chimes.map(({ id, name, facts }) => ({ id, name, isSaid: Object.keys(facts).length > 0 })),
  }[kind];
  return all.flatMap(({ id, name, isSaid }): readonly HouseThing[] => {
    const carries = job.points.flatMap((point) => (point.hangs[HANGS_ON[kind]] === id ? point.name : []));
    // One that came with a point and of which nobody said anything went with it
    if (carries.length === 0 && name === null && !isSaid) return [];
    const [first] = carries;
    return [
      {
        kind,
        id,
        name:
          name ??
          (first
            ? said('thingOf', { kind: THING_WORDS[kind], first })
            : said('otherThing', { kind: THING_WORDS[kind] })),
        carries,
      },
    ];
  });
}

/** Things that were found and carry nothing yet. */
export const loneThings = (job: Job): readonly HouseThing[] =>
  THINGS.flatMap((kind) => thingsOf(job, kind)).filter(({ carries }) => carries.length === 0);

/** The entry that a thing came by; undefined where it came with a point. */
export const foundBy = (entries: readonly Entry[], thingId: string): Entry | undefined =>
  entries.findLast((entry) => entry.kind === 'thingFound' && entry.data.thingId === thingId);
