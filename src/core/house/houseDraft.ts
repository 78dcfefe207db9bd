import type { ThingKind } from '../kinds/point';
import type { EntryOf, EntryKind } from '../kinds/register';
import type { Facts, Source } from '../kinds/said';
import type { FactBook } from '../log/factBook';
import type { Box, Chime, House, Supply, TakenTest, TriedSwitch } from './things';

interface Found {
  name: string | null;
  supplyId: string | null;
  readonly looked: Map<string, Source>;
  readonly switches: TriedSwitch[];
  readonly cableIds: Set<string>;
  readonly tests: TakenTest[];
}

/** A house while its log is read: each thing once, in the order in which it was first spoken of. */
export class HouseDraft {
  private readonly things = {
    supply: new Map<string, Found>(),
    chime: new Map<string, Found>(),
    box: new Map<string, Found>(),
  } as const;

  constructor(private readonly book: FactBook) {}

  /** A thing by its id; it comes into being where nobody spoke of it before. */
  thing(kind: ThingKind, id: string): Found {
    const known = this.things[kind].get(id) ?? {
      name: null,
      supplyId: null,
      looked: new Map<string, Source>(),
      switches: [],
      cableIds: new Set<string>(),
      tests: [],
    };
    this.things[kind].set(id, known);
    return known;
  }

  found({ data }: EntryOf<'thingFound'>): void {
    const thing = this.thing(data.thing, data.thingId);
    if (data.name !== undefined) thing.name = data.name;
    if (data.supplyId !== undefined) thing.supplyId = data.supplyId;
  }

  private facts<K extends EntryKind>(kind: K, id: string): Facts<K> {
    // The book holds what the schemas of the kinds let through, field by field
    return this.book.facts(`${kind}/${id}`) as Facts<K>;
  }

  private supply([id, { name, looked, switches }]: readonly [string, Found]): Supply {
    return {
      id,
      name,
      transformer: this.facts('transformerDescribed', id),
      looked: Object.fromEntries(looked),
      switches,
      planned: this.facts('supplyPlanned', id),
    };
  }

  private chime([id, { name, supplyId }]: readonly [string, Found]): Chime {
    const run = this.facts('runDescribed', `toChime/${id}`);
    return { id, name, supplyId, facts: this.facts('chimeDescribed', id), run };
  }

  private box([id, { name, cableIds, tests }]: readonly [string, Found]): Box {
    const cables = [...cableIds].flatMap((cable) => {
      const facts = this.facts('cableDescribed', `${id}/${cable}`);
      return facts.conductors ? [{ id: cable, facts }] : [];
    });
    return { id, name, facts: this.facts('boxDescribed', id), cables, tests };
  }

  finish(): House {
    const { box, supply, chime } = this.things;
    return {
      supplies: [...supply].map((one) => this.supply(one)),
      chimes: [...chime].map((one) => this.chime(one)),
      boxes: [...box].map((one) => this.box(one)),
    };
  }
}
