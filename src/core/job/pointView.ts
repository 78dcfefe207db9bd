import { yardOf } from './yardOf';
import type { House, Supply } from '../house/things';
import type { Entry, EntryKind, EntryOf } from '../kinds/register';
import type { Facts, Taken } from '../kinds/said';
import type { PlainView, SaidOfPoint } from '../points/build';
import { BUILDS } from '../points/builds';
import type { SharedChimeDoor, TakenReading } from '../points/doorbell/doorbell';
import { WAS_THERE_FACTS } from '../points/doorbell/wasThere/register';
import type { Point } from '../points/point';
import type { Isolation } from '../isolation';
import type { PlanSetting, Tick } from '../points/pointView';
import { stoodAt, type FedPoint } from './isolationOf';
import { hangsOf, onSupplyOf, type Draft, type Folding } from './draft';

/** Whether what feeds a door is still to be made: nothing was there at any door of its supply, and nothing was found. */
function isSupplyMissing(state: Folding, draft: Draft, supply: Supply | undefined): boolean {
  const { ratedVolts, ratedVa, foundAt, place } = supply?.transformer ?? {};
  if ([ratedVolts, ratedVa, foundAt, place].some((fact) => fact !== undefined)) return false;
  return onSupplyOf(state, draft).every((id) => {
    const { wasThere } = state.book.facts(`pointDescribed/${id}`) as Facts<'pointDescribed'>;
    const other = state.points.get(id);
    const chime = state.book.facts(
      `chimeDescribed/${other ? (hangsOf(other).chimeId ?? '') : ''}`,
    ) as Facts<'chimeDescribed'>;
    return wasThere !== undefined && WAS_THERE_FACTS[wasThere].isUnfed(chime.chimeKind);
  });
}

/** Other doors on the chime of one. */
function sharesChime(state: Folding, draft: Draft): readonly SharedChimeDoor[] {
  const { chimeId } = hangsOf(draft);
  const onChime = [...state.points.values()].filter((one) => chimeId !== null && hangsOf(one).chimeId === chimeId);
  const chosen = onChime.filter(({ choice }) => choice !== null);
  const first = chosen.toSorted((a, b) => (a.choseAt ?? 0) - (b.choseAt ?? 0))[0];
  return onChime.flatMap((other): readonly SharedChimeDoor[] => {
    const { terminal } = hangsOf(other);
    if (other.id === draft.id || terminal === null) return [];
    const look = state.book.facts(`pointDescribed/${other.id}`) as Facts<'pointDescribed'>;
    return [
      {
        name: look.name ?? other.addedName,
        terminal,
        treatmentId: other.choice?.data.treatmentId ?? null,
        choseFirst: first?.id ?? null,
      },
    ];
  });
}

/** Whether a reading that was written at another door of a supply speaks of what is shared with it. */
function speaksOfShared({ data }: TakenReading, sameSupply: boolean, sameChime: boolean): boolean {
  switch (data.what) {
    case 'mainsVolts':
      return sameSupply;
    case 'volts':
      return sameSupply && data.at === 'transformer' && (data.state === 'open' || data.state === 'resistor');
    case 'coilOhms':
      return sameChime;
    case 'loopOhms':
      return sameChime && data.run === 'toChime';
    case 'report':
      return false;
  }
}

/** A point’s readings: its own, and those of what it shares with others, in the order of the log. */
function readingsOf({ readings, points }: Folding, draft: Draft): readonly TakenReading[] {
  const hangs = hangsOf(draft);
  return readings.filter((reading) => {
    if (reading.data.pointId === draft.id) return true;
    const other = points.get(reading.data.pointId);
    if (!other) return false;
    const there = hangsOf(other);
    const same = (field: 'supplyId' | 'chimeId'): boolean => hangs[field] !== null && hangs[field] === there[field];
    return speaksOfShared(reading, same('supplyId'), same('chimeId'));
  });
}

const isOf = <K extends EntryKind>(entry: Entry, kind: K): entry is EntryOf<K> => entry.kind === kind;

/** What tells whether a tick had its proof. */
interface TickJudge {
  readonly isolation: Isolation;
  readonly school: (entry: Entry) => 'off' | 'live';
}

function tickOf(entry: EntryOf<'stepTicked'>, fed: FedPoint, { isolation, school }: TickJudge): Tick {
  const { how, differs } = entry.data;
  return {
    entryId: entry.id,
    by: entry.by,
    at: entry.at,
    how,
    differs: differs ?? null,
    proofStood: stoodAt(isolation, entry, fed, school(entry)),
    seq: entry.seq,
  };
}

export function finish(state: Folding, house: House, setting: PlanSetting, draft: Draft, judge: TickJudge): Point {
  const { book, chosen } = state;
  // The book holds what the schemas of the kinds let through, field by field
  const facts = <K extends EntryKind>(kind: K, of = draft.id): Facts<K> => book.facts(`${kind}/${of}`) as Facts<K>;
  const { id, ticks, waits, tried, putOff, checks, accepted, troubles, missesAccepted, left, wifi, moved } = draft;
  const hangs = hangsOf(draft);
  const supply = house.supplies.find((one) => one.id === hangs.supplyId);
  const box = house.boxes.find((one) => one.id === hangs.boxId);
  const look = facts('pointDescribed');
  const plain: PlainView = {
    id,
    name: look.name ?? draft.addedName,
    setting,
    beside: onSupplyOf(state, draft).filter((other) => other !== id),
    look,
    wifi,
    hunt: { ...facts('huntPlanned'), tests: draft.huntTests },
    box: box?.facts ?? {},
    cables: box?.cables ?? [],
    tests: box?.tests ?? [],
    moved,
    ticks: {},
    mount: facts('mountRecorded'),
    approach: facts('approachDescribed'),
    onPlan: facts('pointOnPlan'),
    yard: yardOf([...draft.yard], (kind, placed) => facts(kind, `${id}/${placed}`), facts('aimPlanned')),
    waits,
    tried,
    putOff,
    checks,
    accepted,
    troubles,
    missesAccepted,
    device: facts('deviceDescribed'),
    handover: facts('handoverDescribed'),
    left,
  };
  const said: SaidOfPoint = {
    hangs: draft.hangs,
    choice: draft.choice,
    facts,
    last: <K extends EntryKind>(kind: K): Taken<K> | null => {
      const entry = draft.last.get(kind);
      return entry && isOf(entry, kind) ? { entryId: entry.id, by: entry.by, at: entry.at, data: entry.data } : null;
    },
    bag: Object.fromEntries(draft.bag),
    readings: readingsOf(state, draft),
    runToDoor: facts('runDescribed', `toDoor/${id}`),
  };
  const point = BUILDS[draft.kind].view(plain, said, {
    supply,
    chime: house.chimes.find((one) => one.id === hangs.chimeId),
    feed: chosen.get(hangs.supplyId ?? '') ?? null,
    sharesChime: sharesChime(state, draft),
    toBeMade: isSupplyMissing(state, draft, supply),
  });
  const fed: FedPoint = { hangs, plug: point.fed.plug, breaker: point.fed.breaker };
  return {
    ...point,
    ticks: Object.fromEntries([...ticks].map(([id, entry]) => [id, tickOf(entry, fed, judge)])),
  };
}
