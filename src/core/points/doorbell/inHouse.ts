import { CHIME_KIND_NAMES } from '../../chime';
import { pointNode, thingNode, type HouseCable, type HouseNode, type HousePart } from '../../house/houseGraph';
import { lengthsOf } from '../../job/region';
import type { Job } from '../../job/job';
import { SUPPLY_FACTS } from '../../supply';
import { lengthText } from '../../units';
import type { Doorbell } from './doorbell';
import { chimeKindOf } from './survey';

/** The plate of a supply, or what is to stand there. */
function supplyWords(door: Doorbell): string {
  const { feed, transformer, toBeMade, supply } = door;
  if (toBeMade && feed?.transformer) return feed.transformer.name;
  if (toBeMade) return supply.from === undefined ? 'still to be made' : SUPPLY_FACTS[supply.from].words;
  const { ratedVolts, ratedVa, place } = transformer;
  const plate = [ratedVolts && `${ratedVolts} V`, ratedVa && `${ratedVa} VA`].filter(Boolean).join(' ');
  const found = [plate || 'plate not read', place].filter(Boolean).join(', ');
  return feed?.transformer ? `${found}; ${feed.transformer.name} takes its place` : found;
}

/** A run’s length and gauge in words; empty where nothing is known. */
function runWords(job: Job, { lengthLowM, lengthHighM, awg, mm2 }: Doorbell['runs']['toDoor']): string {
  const length = lengthHighM ?? lengthLowM;
  return [
    length === undefined ? null : lengthText(length, lengthsOf(job)),
    awg === undefined ? (mm2 === undefined ? null : `${mm2} mm²`) : `${awg} AWG`,
  ]
    .filter((part) => part !== null)
    .join(' · ');
}

/** A door with what feeds it on its way: its supply and, where there is one with wires, its chime. */
export function doorInHouse(job: Job, door: Doorbell): HousePart {
  const kind = chimeKindOf(door);
  const boxed = kind === 'boxedMains';
  // As they were called where they were found
  const named = job.house.supplies.find(({ id }) => id === door.hangs.supplyId)?.name;
  const chimeNamed = job.house.chimes.find(({ id }) => id === door.hangs.chimeId)?.name;
  const battery = door.toBeMade && door.supply.from === 'battery';
  const supply: HouseNode | null =
    boxed || battery
      ? null
      : {
          ...thingNode(
            'supply',
            door.hangs.supplyId,
            named ?? (door.toBeMade ? 'new supply' : 'transformer'),
            supplyWords(door),
          ),
          proposed: door.toBeMade,
        };
  const wired = kind !== 'none' && kind !== 'wireless';
  const words = kind === null ? 'kind not known' : CHIME_KIND_NAMES[kind];
  const chime =
    kind === 'none' ? null : thingNode('chime', door.hangs.chimeId, chimeNamed ?? door.chime.place ?? 'chime', words);
  const point = pointNode('door', door.id, door.name);
  const bell = (from: string, to: string, said: string, proposed: boolean): HouseCable => ({
    from,
    to,
    carries: 'bell',
    words: said,
    proposed,
  });
  const toDoor = runWords(job, door.runs.toDoor);
  const cables: HouseCable[] = [];
  if (supply && chime && wired) cables.push(bell(supply.id, chime.id, runWords(job, door.runs.toChime), false));
  const last = chime && wired ? chime.id : supply?.id;
  if (last)
    cables.push(
      bell(
        last,
        point.id,
        [wired && chime ? door.hangs.terminal : '', toDoor].filter(Boolean).join(' · '),
        door.toBeMade,
      ),
    );
  return {
    nodes: [supply, chime, point].flatMap((node) => node ?? []),
    cables,
    fedAt: supply?.id ?? chime?.id ?? null,
  };
}
