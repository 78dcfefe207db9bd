import { byTime, type Moment, type Until } from '../log/moment';
import { Timeline } from '../log/timeline';
import type { Happening, HappeningOf, Mark } from './happening';

/** How the only feed of a supply is a plug: one that was found there, or a new one that stays out until all is wired. */
export type Plug = 'found' | 'new';

/** The plug of a supply, as it was seen last. */
export type PlugState =
  | { readonly state: 'notSeen' }
  | { readonly state: 'in'; readonly since: Mark | null }
  | { readonly state: 'out'; readonly since: Mark };

type Seen = HappeningOf<'plug'>;
interface Dated {
  readonly moment: Moment;
  readonly byId: string;
}

/** The plugs of a job’s supplies: a plug that was seen out of its outlet makes its supply dead, for whoever saw it. */
export class Plugs {
  private readonly seen = new Map<string, Timeline<Seen>>();
  private readonly ends = new Map<string, Timeline<Dated & { readonly mark: Mark }>>();

  /**
   * @param placeEnds what ends the proofs of each place: volts, a further feed, a strike
   * @param personEnds what ends the proofs of each person: an absence, a change of the person
   */
  constructor(
    happenings: readonly Happening[],
    private readonly placeEnds: ReadonlyMap<string, Timeline<Dated & { readonly why: string }>>,
    private readonly personEnds: ReadonlyMap<string, Timeline<Dated>>,
  ) {
    const seen = new Map<string, Seen[]>();
    const ends = new Map<string, (Dated & { readonly mark: Mark })[]>();
    const push = <T>(map: Map<string, T[]>, key: string, value: T): void => {
      map.set(key, [...(map.get(key) ?? []), value]);
    };
    for (const happening of happenings) {
      const { moment, mark } = happening;
      const end = { moment, mark, byId: mark.byId };
      if (happening.what === 'plug' && happening.out) push(seen, happening.supplyId, happening);
      if (happening.what === 'plug' && !happening.out) push(ends, happening.supplyId, end);
      if (happening.what === 'relit') for (const id of happening.fedIds) push(ends, id, end);
    }
    for (const [id, list] of seen) this.seen.set(id, new Timeline(list));
    for (const [id, list] of ends) this.ends.set(id, new Timeline(list));
  }

  private isOver(one: Seen, until: Until | null): boolean {
    const { moment, mark, supplyId, imported, counts, seen } = one;
    if (!counts || (imported && until?.history !== true)) return true;
    const ends: readonly Timeline<Dated>[] = [this.ends.get(supplyId), this.placeEnds.get(supplyId)].filter(
      (list) => list !== undefined,
    );
    // What its writer had not seen makes it late
    const unseen = ends.flatMap((list) => list.numbered(seen, moment.seq));
    if (unseen.some(({ byId }) => byId !== mark.byId)) return true;
    const gone = this.personEnds.get(mark.byId);
    return [...ends, ...(gone ? [gone] : [])].some((list) => list.after(moment, until) !== null);
  }

  /** The sightings of a plug out of its outlet that still hold, the last first. */
  outOf(supplyId: string, until: Until | null = null): readonly Seen[] {
    return (this.seen.get(supplyId)?.all ?? [])
      .filter((one) => (until === null || byTime(one.moment, until) < 0) && !this.isOver(one, until))
      .toReversed();
  }

  /** How a plug was seen last. */
  stateOf(supplyId: string, until: Until | null = null): PlugState {
    const [out] = this.outOf(supplyId, until);
    if (out) return { state: 'out', since: out.mark };
    const last = this.ends.get(supplyId)?.lastBefore(until);
    if (last) return { state: 'in', since: last.mark };
    // Volts were read there: somebody has put it in, or it never was out
    const isFed = this.placeEnds
      .get(supplyId)
      ?.all.some(({ why, moment }) => why === 'signOfLife' && (until === null || byTime(moment, until) < 0));
    return isFed ? { state: 'in', since: null } : { state: 'notSeen' };
  }
}
