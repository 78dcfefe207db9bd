import { WIRE_THIN_MM2 } from '../advice';
import { TRANSFORMERS } from '../catalogue';
import { TREATMENTS, clearChime, treatmentTasks, type ChimeKind } from '../chime';
import type { RunName } from '../bell';
import { awgToMm2 } from '../circuit';
import {
  ORDINARY_BELL,
  afterStep,
  doorPart,
  doorTasks,
  foundBell,
  joinPairs,
  mainsSide,
  planWiring,
  mendTasks,
  repull,
  tapTasks,
  type BellFacts,
  type FittedTransformer,
  type Task,
  type Touches,
  type Wiring,
  type WiringPlan,
} from '../wiring';
import { mainsLeadsOf } from './boxOf';
import { diesWithLight } from './finding';
import { RUN_NAMES } from './kinds/point';
import type { Point } from './job';
import { chimeKindOf, presentOf } from './survey';

/** What a choice does to a wiring. */
interface Remedy {
  readonly transformer: FittedTransformer | null;
  /** Another pair of the old one’s screws, with its volts. */
  readonly tap: { readonly screws: readonly [string, string]; readonly volts: number } | null;
  /** Runs whose splices are made anew. */
  readonly mend: readonly string[];
  readonly treatmentId: string;
  readonly deviceName: string;
  /** Runs whose spare pairs are joined, and runs that are pulled anew. */
  readonly join: readonly string[];
  readonly pull: readonly string[];
  /** Mains on once before the cover goes on, by the firm’s school. */
  readonly energise: boolean;
}

/** “S1–S3” as two screws. */
const screwsOf = (pair: string): readonly [string, string] => {
  const [first = 'S1', second = 'S2'] = pair.split('–');
  return [first, second];
};

/** Bell screws of the transformer that was found: the pair in use first, then what the label has beside it. */
function screwNames({ transformer: { taps, pair } }: Point): readonly string[] {
  if (pair === undefined) return ['S1', 'S2'];
  return [...new Set([...screwsOf(pair), ...(taps ?? []).flatMap(({ screws }) => screwsOf(screws))])];
}

/** What the survey says of a point’s bell wiring. */
export function bellFactsOf(point: Point): BellFacts {
  const kind = chimeKindOf(point);
  const { wasThere } = point.look;
  return {
    ...ORDINARY_BELL,
    chime: kind === 'boxedMains' ? 'boxed' : kind === 'none' || kind === 'wireless' ? 'none' : 'screws',
    present: presentOf(point),
    secondChime: point.chime.secondChime === 'yes',
    rear: point.chime.rear ?? 'none',
    straight: point.runs.toDoor.straightM !== undefined,
    switched: diesWithLight(point),
    screws: screwNames(point),
    door: wasThere === 'videoDoorbell' ? 'device' : wasThere === 'nothing' ? 'nothing' : 'button',
  };
}

/**
 * The tasks of a remedy: supply, chime, cable, then the door, so that the chime is treated before the device is first
 * energised. Each follows from the wiring that the ones before it leave.
 */
function tasksOf(
  found: Wiring,
  { transformer, tap, mend, treatmentId, deviceName, join, pull, energise }: Remedy,
): readonly Task[] {
  const stages: readonly ((wiring: Wiring) => readonly Task[])[] = [
    (wiring) =>
      transformer ? mainsSide(wiring, transformer, energise) : tap ? tapTasks(wiring, tap.screws, tap.volts) : [],
    clearChime,
    (wiring) => treatmentTasks(treatmentId, wiring),
    () => mendTasks(mend),
    (wiring) => (join.length > 0 ? joinPairs(wiring, join) : []),
    (wiring) => (pull.length > 0 ? repull(wiring, pull) : []),
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

const isThin = (point: Point, run: RunName): boolean => {
  const { awg, mm2 } = point.runs[run];
  return (mm2 ?? (awg === undefined ? Infinity : awgToMm2(awg))) < WIRE_THIN_MM2;
};

/** What of a choice changes wires; a way that is only looked at has as much. */
export interface WiringChoice {
  readonly transformer:
    | (Pick<FittedTransformer, 'name' | 'ratedVolts'> &
        Partial<Pick<FittedTransformer, 'fit'>> & { readonly id: string; readonly mainsWork: boolean })
    | null;
  readonly tap?: { readonly screws: string; readonly ratedVolts: number } | null | undefined;
  readonly treatmentId: string;
  readonly joinPairs: boolean;
  readonly repull?: boolean | undefined;
  readonly mended?: readonly RunName[] | undefined;
  readonly device: { readonly name: string };
}

/** A transformer that the catalogue does not know any more sits on a box. */
const fittedOf = ({ transformer }: WiringChoice): FittedTransformer | null =>
  transformer && {
    name: transformer.name,
    ratedVolts: transformer.ratedVolts,
    fit: transformer.mainsWork
      ? (transformer.fit ?? TRANSFORMERS.find(({ id }) => id === transformer.id)?.fit) === 'dinRail'
        ? 'dinRail'
        : 'onBox'
      : 'plugIn',
  };

/** A doorbell’s wiring as it was found; its transformer’s box with the conductors that were listed there. */
export const foundBellOf = (point: Point): Wiring => foundBell(bellFactsOf(point), mainsLeadsOf(point));

/** A point’s wiring as found, and what a choice makes of it. */
export function wiringPlan(point: Point, choice: WiringChoice): WiringPlan {
  const found = foundBellOf(point);
  return planWiring(
    found,
    tasksOf(found, {
      transformer: fittedOf(choice),
      tap: choice.tap ? { screws: screwsOf(choice.tap.screws), volts: choice.tap.ratedVolts } : null,
      mend: choice.mended ?? [],
      treatmentId: choice.treatmentId,
      deviceName: choice.device.name,
      energise: point.setting.policy.energise === 'beforeClosing',
      join: choice.joinPairs ? orAll(RUN_NAMES.filter((run) => (point.runs[run].sparePairs ?? 0) > 0)) : [],
      pull: choice.repull ? orAll(RUN_NAMES.filter((run) => isThin(point, run))) : [],
    }),
  );
}

/** Every task that a doorbell’s plan can hold, over all that may have been found: what each touches. */
export function everyBellTask(): ReadonlyMap<string, Touches> {
  const presents: readonly BellFacts['present'][] = [
    { path: 'series' },
    { path: 'shunt', shuntOhms: 1 },
    { path: 'link', linkOhms: 1 },
    { path: 'none' },
  ];
  const founds: readonly { readonly kinds: readonly ChimeKind[]; readonly wiring: Wiring }[] = [
    ...presents.map((present) => ({
      kinds: ['mechanical', 'electronic'] as const,
      wiring: foundBell({ ...ORDINARY_BELL, present, rear: 'device', secondChime: true }),
    })),
    { kinds: ['none'], wiring: foundBell({ ...ORDINARY_BELL, chime: 'none' }) },
    { kinds: ['boxedMains'], wiring: foundBell({ ...ORDINARY_BELL, chime: 'boxed' }) },
  ];
  const transformers = [null, ...(['onBox', 'plugIn'] as const).map((fit) => ({ name: '', ratedVolts: 0, fit }))];
  const all = founds.flatMap(({ kinds: found, wiring }) =>
    transformers.flatMap((transformer) =>
      TREATMENTS.filter(
        ({ id, kinds }) =>
          kinds.some((kind) => found.includes(kind)) && (id !== 'boxedReplaced' || transformer !== null),
      ).flatMap(({ id }) =>
        tasksOf(wiring, {
          transformer,
          tap: transformer ? null : { screws: ['S1', 'S2'], volts: 0 },
          mend: RUN_NAMES,
          treatmentId: id,
          deviceName: '',
          join: RUN_NAMES,
          pull: RUN_NAMES,
          energise: true,
        }),
      ),
    ),
  );
  return new Map(all.map(({ id, touches }) => [id, touches]));
}
