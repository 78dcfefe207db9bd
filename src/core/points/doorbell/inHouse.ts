import { answerName } from '../../kinds/factText';
import { said, type Text } from '../../said';
import { pointNode, thingNode, type HouseCable, type HouseNode, type HousePart } from '../../house/houseGraph';
import type { Job } from '../../job/job';
import type { Doorbell } from './doorbell';
import { chimeKindOf } from './survey';

/** The plate of a supply, or what is to stand there. */
function supplyWords(door: Doorbell): Text {
  const { feed, transformer, toBeMade, supply } = door;
  if (toBeMade && feed?.transformer) return feed.transformer.name;
  if (toBeMade) return supply.from === undefined ? said('stillMade') : answerName('supplyPlanned', 'from', supply.from);
  const { ratedVolts, ratedVa, place } = transformer;
  const plate = [ratedVolts && `${ratedVolts} V`, ratedVa && `${ratedVa} VA`].filter(Boolean).join(' ');
  const found = said('listed', { items: [plate || said('plateNotRead'), ...(place ? [place] : [])] });
  return feed?.transformer ? said('takesPlace', { found, transformer: feed.transformer.name }) : found;
}

/** A run’s length and gauge in words; empty where nothing is known. */
function runWords({ lengthLowM, lengthHighM, awg, mm2 }: Doorbell['runs']['toDoor']): Text {
  const length = lengthHighM ?? lengthLowM;
  return said('cableRun', {
    metres: length ?? null,
    gauge: awg === undefined ? (mm2 === undefined ? '' : `${mm2} mm²`) : `${awg} AWG`,
  });
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
            named ?? (door.toBeMade ? said('newSupply') : said('transformer')),
            supplyWords(door),
          ),
          proposed: door.toBeMade,
        };
  const wired = kind !== 'none' && kind !== 'wireless';
  const words = kind === null ? said('kindNotKnown') : said('chimeKind', { kind });
  const chime =
    kind === 'none'
      ? null
      : thingNode('chime', door.hangs.chimeId, chimeNamed ?? door.chime.place ?? said('chime'), words);
  const point = pointNode('door', door.id, door.name);
  const bell = (from: string, to: string, words: Text, proposed: boolean): HouseCable => ({
    from,
    to,
    carries: 'bell',
    words,
    proposed,
  });
  const toDoor = runWords(door.runs.toDoor);
  const cables: HouseCable[] = [];
  if (supply && chime && wired) cables.push(bell(supply.id, chime.id, runWords(door.runs.toChime), false));
  const last = chime && wired ? chime.id : supply?.id;
  if (last)
    cables.push(
      bell(
        last,
        point.id,
        wired && chime && door.hangs.terminal
          ? said('runFrom', { terminal: door.hangs.terminal, run: toDoor })
          : toDoor,
        door.toBeMade,
      ),
    );
  return {
    nodes: [supply, chime, point].flatMap((node) => node ?? []),
    cables,
    fedAt: supply?.id ?? chime?.id ?? null,
  };
}
