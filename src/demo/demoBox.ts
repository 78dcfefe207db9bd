import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { regionOf } from '@/core/job';
import type { EntryData } from '@/core/kinds';
import {
  conclusionsOf,
  fixtureOptions,
  pointSteps,
  type FixturePicks,
  type Point,
  plugChoiceOf,
  plugOptions,
} from '@/core/points';
import { cableSet, type CableRole, type ConductorTestId, type SwitchPosition } from '@/core/junction';
import type { DemoLog } from './demoLog';

/** What a conductor of the made-up house really carries. */
export type Truth = 'hot' | 'switched' | 'neutral' | 'ground';

export interface DemoCable {
  /** By its short name. */
  readonly set: string;
  readonly role: CableRole | null;
  readonly truth: readonly Truth[];
}

type BoxFacts = Omit<EntryData<'boxDescribed'>, 'boxId'>;

const pointAt = (log: DemoLog, pointId: string): Point => {
  const point = log.job.points.find(({ id }) => id === pointId);
  if (!point) throw new Error(`no point ${pointId}`);
  return point;
};

/** What the meter of the made-up house shows; the decimals differ from conductor to conductor. */
function shown(truth: Truth, test: ConductorTestId, switches: SwitchPosition | null, volts: number, i: number): number {
  const live = truth === 'hot' || (truth === 'switched' && switches === 'allOn');
  const figure = {
    toGround: live ? volts - i * 0.1 : 0.4 + i * 0.1,
    fromHot: truth === 'neutral' || truth === 'ground' ? volts : 0.6,
    loadAmps: 0,
    neutralAmps: 0,
    groundOhms: 0.32 + i * 0.01,
  }[test];
  return Number(figure.toFixed(2));
}

/** Writes a box, its cables and the readings that the program asks for, as many as are given. */
export function demoBox(
  log: DemoLog,
  pointId: string,
  facts: BoxFacts,
  cables: readonly DemoCable[],
  readings = Infinity,
): void {
  const pack = regionOf(log.job);
  // Of a box that is read to its end everything was asked
  const asked: BoxFacts = {
    fittings: 0,
    recessM: 0.002,
    wetRated: 'yes',
    bears: 'yes',
    existingVa: 180,
    ratedAmps: pack.gauge === 'awg' ? 15 : 6,
  };
  log.write('boxDescribed', { boxId: pointId, ...(readings === Infinity ? asked : {}), ...facts });
  const era = log.job.site.colourEra === 'old' ? 'old' : 'now';
  const truths = new Map<string, Truth>();
  cables.forEach(({ set, role, truth }, c) => {
    const read = cableSet(set, era);
    if (!read.ok) throw new Error(`no cable ${set}`);
    const cableId = `c${c + 1}`;
    log.write('cableDescribed', {
      boxId: pointId,
      cableId,
      role,
      conductors: read.value.map(({ gauge, strands, colour }, i) => {
        truths.set(`${cableId}.${i + 1}`, truth[i] ?? 'ground');
        return {
          id: String(i + 1),
          ...('awg' in gauge ? { awg: gauge.awg } : { mm2: gauge.mm2 }),
          strands,
          metal: 'copper' as const,
          colour,
        };
      }),
    });
  });
  const volts = pack.mains.nominalVolts === 120 ? 121.3 : 236.4;
  for (let i = 0; i < readings; i++) {
    const { next } = conclusionsOf(pointAt(log, pointId));
    if (!next) break;
    const { conductor, test, switches } = next;
    const [cableId = '', conductorId = ''] = conductor.split('.');
    log.write('conductorTested', {
      boxId: pointId,
      cableId,
      conductorId,
      test,
      ...(switches ? { switches } : {}),
      value: shown(truths.get(conductor) ?? 'ground', test, switches, volts, i),
    });
  }
}

/** Takes a fixture with the picks; what is not picked is what the program puts first. */
export function demoFixture(log: DemoLog, pointId: string, picks: FixturePicks): void {
  const point = pointAt(log, pointId);
  if (point.kind !== 'floodlight') throw new Error(`${pointId} is no floodlight`);
  const { data, asksInWriting } = fixtureOptions(point, SHIPPED_CATALOGUE, picks);
  if (!data || asksInWriting !== null) throw new Error(`${pointId} takes no fixture`);
  log.write('fixtureChosen', data);
}

/** Takes the first camera with a plug that the outlet suffices for. */
export function demoPlugFixture(log: DemoLog, pointId: string): void {
  const point = pointAt(log, pointId);
  const [option] = point.kind === 'plugFloodlight' ? plugOptions(point, SHIPPED_CATALOGUE) : [];
  if (!option?.suffices) throw new Error(`${pointId} takes no camera with a plug`);
  log.write('plugFixtureChosen', plugChoiceOf(pointId, option.fixture));
}

/** Names the circuit, switches it off and proves it dead at its conductors. */
export function demoDead(log: DemoLog, pointId: string, way: string, name: string): void {
  const circuitId = `of-${pointId}`;
  log
    .write('circuitListed', { circuitId, way, name, feeds: [pointId], sharedNeutral: 'no', otherInBox: 'no' })
    .write('circuitSwitched', { circuitId, to: 'off', tagged: true, houseTold: true, guard: 'locked' })
    .write('deadProved', {
      circuitId,
      weight: 'mains',
      placeId: pointId,
      hotNeutralVolts: 0,
      hotGroundVolts: 0,
      neutralGroundVolts: 0.1,
      everyConductor: true,
      triedBefore: true,
      triedAfter: true,
    });
}

/** Ticks the first steps of a floodlight’s plan. */
export function demoTicks(log: DemoLog, pointId: string, count: number): void {
  for (const { id: stepId, touches, role, closes } of pointSteps(pointAt(log, pointId)).slice(0, count))
    log.write('stepTicked', {
      pointId,
      stepId,
      touches,
      role,
      placeId: pointId,
      how: 'done',
      ...(closes ? { closes } : {}),
    });
}
