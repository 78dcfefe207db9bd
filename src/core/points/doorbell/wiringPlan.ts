import { said } from '../../said';
import { WIRE_THIN_MM2 } from '../../advice';
import { TRANSFORMERS } from '../../catalogue';
import { clearChime, treatmentById, treatmentTasks } from '../../chime';
import type { RunName } from '../../bell';
import { awgToMm2 } from '../../circuit';
import {
  ORDINARY_BELL,
  afterStep,
  doorPart,
  doorTasks,
  branchFound,
  branchTasks,
  foundBell,
  leaveCable,
  takeInsideOut,
  type InsideFound,
  type ScrewPair,
  joinPairs,
  lookTask,
  mainsSide,
  newSupply,
  nothingFound,
  planWiring,
  mendTasks,
  repull,
  SCREWS_OF_PAIR,
  tapTasks,
  type BellFacts,
  type FittedTransformer,
  type Stretch,
  type Lead,
  type Task,
  type Wiring,
  type WiringPlan,
} from '../../wiring';
import { houseLeads } from '../../junction';
import { stretchSteps } from '../../supply';
import { boxSurveyOf } from '../boxOf';
import { diesWithLight } from './transformerSearch';
import { RUN_NAMES } from '../../kinds/chime';
import type { Doorbell } from './doorbell';
import { chimeKindOf, isCableLeft, presentOf } from './survey';
import { wasThereOf } from './wasThere/register';

/** What a choice does to a wiring. */
interface Remedy {
  /** There was no bell: the way of the new cable; null where there was one. */
  readonly route: readonly Stretch[] | null;
  /** What feeds the supply has its steps at another door, and so has a chime that is taken out of the loop. */
  readonly feedElsewhere: boolean;
  readonly chimeElsewhere: boolean;
  readonly transformer: FittedTransformer | null;
  /** Another pair of the old one’s screws, with its volts. */
  readonly tap: { readonly screws: readonly [string, string]; readonly volts: number } | null;
  /** Runs whose splices are made anew. */
  readonly mend: readonly string[];
  readonly treatmentId: string;
  readonly deviceName: string;
  /** An electronic chime may run on batteries: on wires they come out. */
  readonly mayHaveBatteries: boolean;
  /** Runs whose spare pairs are joined, and runs that are pulled anew. */
  readonly join: readonly string[];
  readonly pull: readonly string[];
  /** The old cable stays in the wall. */
  readonly cableLeft: boolean;
  /** What sat inside and comes off. */
  readonly inside: InsideFound | null;
  /** Mains on once before the cover goes on, by the firm’s school. */
  readonly energise: boolean;
}

/** Bell screws of the transformer that was found: the pair in use first, then what the label has beside it. */
function screwNames({ transformer: { taps, pair } }: Doorbell): readonly string[] {
  if (pair === undefined) return ['S1', 'S2'];
  return [...new Set([...SCREWS_OF_PAIR[pair], ...(taps ?? []).flatMap(({ screws }) => SCREWS_OF_PAIR[screws])])];
}

/** What hangs on the chime’s other screw: a point of its own, else what was said of it. */
function otherTerminal(point: Doorbell): Pick<BellFacts, 'rear' | 'rearName'> {
  const other = point.sharesChime.find(({ terminal }) => terminal !== point.hangs.terminal);
  if (!other) return { rear: point.chime.rear ?? 'none' };
  return { rear: 'device', rearName: other.name };
}

/** What the survey says of a point’s bell wiring. */
export function bellFactsOf(point: Doorbell): BellFacts {
  const kind = chimeKindOf(point);
  const { atDoor, inside } = wasThereOf(point.look);
  return {
    ...ORDINARY_BELL,
    chime: kind === 'boxedMains' ? 'boxed' : kind === 'none' || kind === 'wireless' ? 'none' : 'screws',
    // A chime that another door’s plan takes out of the loop is out of it here too
    present: chimeIsElsewhere(point) ? { path: 'none' } : presentOf(point),
    secondChime: point.chime.secondChime === 'yes',
    ...otherTerminal(point),
    terminal: point.hangs.terminal,
    ...(feedIsElsewhere(point) && point.feed?.transformer ? { transformer: point.feed.transformer.name } : {}),
    straight: point.runs.toDoor.straightM !== undefined,
    switched: diesWithLight(point),
    plugged: point.fed.plug === 'found',
    screws: screwNames(point),
    door: atDoor,
    inside,
  };
}

/**
 * The tasks of a remedy: supply, chime, cable, then the door, so that the chime is treated before the device is first
 * energised. Each follows from the wiring that the ones before it leave.
 */
function tasksOf(
  found: Wiring,
  {
    route,
    feedElsewhere,
    chimeElsewhere,
    transformer,
    tap,
    mend,
    treatmentId,
    deviceName,
    mayHaveBatteries,
    join,
    pull,
    cableLeft,
    inside,
    energise,
  }: Remedy,
): readonly Task[] {
  const stages: readonly ((wiring: Wiring) => readonly Task[])[] = [
    (wiring) => {
      if (feedElsewhere) return route ? branchTasks(route) : [];
      if (transformer)
        return route ? newSupply(wiring, transformer, route, energise) : mainsSide(wiring, transformer, energise);
      return tap ? tapTasks(wiring, tap.screws, tap.volts) : [];
    },
    (wiring) => (inside ? takeInsideOut(wiring, inside) : []),
    (wiring) => (chimeElsewhere ? [] : clearChime(wiring)),
    (wiring) =>
      chimeElsewhere
        ? []
        : [
            ...(mayHaveBatteries
              ? [lookTask('chime', 'chime-batteries', said('batteriesOutOfChime'), said('fedByWiresLeak'))]
              : []),
            ...treatmentTasks(treatmentId, wiring),
          ],
    () => mendTasks(mend),
    (wiring) => (join.length > 0 ? joinPairs(wiring, join) : []),
    (wiring) => (pull.length === 0 ? [] : cableLeft ? leaveCable(wiring, pull) : repull(wiring, pull)),
    (wiring) => doorTasks(wiring, { do: 'add', part: doorPart('device', deviceName, 'door', 'load') }),
  ];
  let at = found;
  return stages.flatMap((stage) => {
    const tasks = stage(at);
    at = tasks.reduce(afterStep, at);
    return tasks;
  });
}

/** What the survey says no more of (it was corrected since) is done at every run. */
const orAll = (runs: readonly RunName[]): readonly RunName[] => (runs.length > 0 ? runs : RUN_NAMES);

const isThin = (point: Doorbell, run: RunName): boolean => {
  const { awg, mm2 } = point.runs[run];
  return (mm2 ?? (awg === undefined ? Infinity : awgToMm2(awg))) < WIRE_THIN_MM2;
};

/** What of a choice changes wires; a way that is only looked at has as much. */
export interface WiringChoice {
  readonly transformer:
    | (Pick<FittedTransformer, 'name' | 'ratedVolts'> &
        Partial<Pick<FittedTransformer, 'fit'>> & { readonly id: string; readonly mainsWork: boolean })
    | null;
  readonly tap?: { readonly screws: ScrewPair; readonly ratedVolts: number } | null | undefined;
  readonly treatmentId: string;
  readonly joinPairs: boolean;
  readonly repull?: boolean | undefined;
  readonly mended?: readonly RunName[] | undefined;
  readonly device: { readonly name: string };
  readonly enclosure?: string | null | undefined;
}

/** A transformer that the catalogue does not know any more sits on a box. */
function fittedOf(point: Doorbell, { transformer, enclosure }: WiringChoice): FittedTransformer | null {
  if (!transformer) return null;
  const { id, name, ratedVolts, mainsWork } = transformer;
  const onRail = (transformer.fit ?? TRANSFORMERS.find((one) => one.id === id)?.fit) === 'dinRail';
  // On a rail it sits in the board; from a board to where nothing was it is a circuit of its own
  const isNewCircuit = point.toBeMade && point.supply.from === 'board';
  return {
    name,
    ratedVolts,
    fit: !mainsWork ? 'plugIn' : onRail ? 'dinRail' : 'onBox',
    enclosure: onRail ? (enclosure ?? null) : null,
    work: onRail ? 'board' : isNewCircuit ? 'newCircuit' : 'transformer',
  };
}

/** Whether what feeds the supply has its steps at another of its doors. */
const feedIsElsewhere = ({ id, feed }: Doorbell): boolean => feed !== null && feed.pointId !== id;

/** Whether another door’s plan takes the chime that both hang on out of the loop. */
const chimeIsElsewhere = ({ id, sharesChime }: Doorbell): boolean =>
  sharesChime.some(
    ({ choseFirst, treatmentId }) =>
      choseFirst !== id && treatmentId !== null && treatmentById(treatmentId)?.standing.path === 'link',
  );

/** The house’s conductors in a transformer’s box, as leads whose end there is free; none where they were not looked at. */
const mainsLeadsOf = (point: Doorbell): readonly Lead[] =>
  point.cables.length > 0 ? houseLeads(boxSurveyOf(point)) : [];

/** How what is to feed a supply gets its mains; null: what is there stays. */
const newFeedOf = (transformer: WiringChoice['transformer'] | undefined): 'plug' | 'breaker' | null =>
  transformer ? (transformer.mainsWork ? 'breaker' : 'plug') : null;

/** A doorbell’s wiring as it was found; its transformer’s box with the conductors that were listed there. */
export function foundBellOf(point: Doorbell, newFeed = newFeedOf(point.feed?.transformer)): Wiring {
  if (!point.toBeMade)
    return foundBell({ ...bellFactsOf(point), toBreaker: newFeed === 'breaker' }, mainsLeadsOf(point));
  return feedIsElsewhere(point)
    ? branchFound(point.feed?.transformer?.name ?? said('newSupply'))
    : nothingFound(newFeed === 'plug', mainsLeadsOf(point));
}

/** The way of a new supply’s cable in steps; null where there was a bell. */
function routeSteps(point: Doorbell): readonly Stretch[] | null {
  if (!point.toBeMade) return null;
  const { segments, people } = point.supply;
  // The supply’s own route is the way to the door at which it was chosen
  if (feedIsElsewhere(point)) {
    const { lengthHighM, lengthLowM } = point.runs.toDoor;
    const metres = lengthHighM ?? lengthLowM;
    return [
      {
        words: said('newBellCable', { metres: metres ?? null }),
        how: said('awayMainsCables'),
        minutes: 0,
      },
    ];
  }
  return stretchSteps({ segments: segments ?? [], people: people ?? 1 });
}

/** A point’s wiring as found, and what a choice makes of it. */
export function wiringPlan(point: Doorbell, choice: WiringChoice): WiringPlan {
  const cableLeft = isCableLeft(point);
  const found = foundBellOf(point, newFeedOf(choice.transformer));
  return planWiring(
    found,
    tasksOf(found, {
      route: routeSteps(point),
      feedElsewhere: feedIsElsewhere(point),
      chimeElsewhere: chimeIsElsewhere(point),
      transformer: fittedOf(point, choice),
      tap: choice.tap ? { screws: SCREWS_OF_PAIR[choice.tap.screws], volts: choice.tap.ratedVolts } : null,
      mend: choice.mended ?? [],
      treatmentId: choice.treatmentId,
      deviceName: choice.device.name,
      mayHaveBatteries: chimeKindOf(point) === 'electronic',
      energise: point.setting.policy.energise === 'beforeClosing',
      join: choice.joinPairs ? orAll(RUN_NAMES.filter((run) => (point.runs[run].sparePairs ?? 0) > 0)) : [],
      pull: choice.repull ? orAll(RUN_NAMES.filter((run) => cableLeft || isThin(point, run))) : [],
      cableLeft,
      inside: wasThereOf(point.look).inside,
    }),
  );
}
