import { inWords } from '@/words';
import { say, sayBritish } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE, fixturesIn } from '../../catalogue';
import { cableSet, type ConductorFunction } from '../../junction';
import { assess, type Assessment } from '../doorbell/assessment';
import { builtOf, standingMoves } from '../asBuilt';
import { boxDoubts, boxSurveyOf, conclusionsOf } from '../boxOf';
import { findingsOf, planStop } from '../findings';
import { fixtureOptions, type FixturePicks } from './fixtureChoice';
import { DEAD_MAINS } from '../../isolation/forTests';
import { asked, TestLog, asFloodlight } from '../../job/forTests';
import type { Job } from '../../job/job';
import type { Floodlight } from './floodlight';
import type { EntryData } from '../../kinds/register';
import { stepStandings } from '../stepStandings';
import { loadCures } from './loadCures';
import { missingAtBox } from './missingAtBox';
import { nextMove } from '../nextMove';
import { partsOf } from '../parts';
import { pointSteps } from '../planOf';
import { fixtureOf } from './fixtureOf';
import { leadById } from '../../wiring';
import { unnamedFeed } from '../supplyOf';
import { worriesOf } from '../worries';

const pointId = 'yard';
const surveyed = (region: 'na-120' | 'gb-230' = 'na-120'): TestLog =>
  new TestLog()
    .write('siteDescribed', { region, colourEra: 'now' })
    .write('pointAdded', { pointId, pointKind: 'floodlight', name: 'Yard', boxId: pointId })
    .write('pointDescribed', { pointId, oldFixture: 'lamp', mountedOn: 'wall', fixtureHeightM: 2.9, wall: 'brick' })
    .write('wifiRead', { pointId, dbm: -55 });

/** A cable by its short name; conductors that were not tested one by one say what they carry. */
function withCable(
  log: TestLog,
  cableId: string,
  set: string,
  carries: readonly ConductorFunction[],
  role: EntryData<'cableDescribed'>['role'] = 'feed',
): TestLog {
  const read = cableSet(set, 'now');
  if (!read.ok) throw new Error(set);
  return log.write('cableDescribed', {
    boxId: pointId,
    cableId,
    role,
    conductors: read.value.map(({ gauge, strands, colour }, i) => ({
      id: String(i + 1),
      ...gauge,
      strands,
      metal: 'copper' as const,
      colour,
      ...(carries[i] ? { carries: carries[i] } : {}),
    })),
  });
}

const BOX = {
  standardBox: 'oct-1-1-2',
  material: 'metal',
  bonded: 'yes',
  clamps: 'internal',
  ahead: 'none',
  fittings: 0,
  recessM: 0.002,
  wetRated: 'yes',
  bears: 'yes',
  ratedAmps: 15,
  existingVa: 200,
} as const;
const known = (region?: 'na-120' | 'gb-230'): TestLog =>
  withCable(surveyed(region).write('boxDescribed', { boxId: pointId, ...BOX }), 'c', '14/2 with ground', [
    'hot',
    'neutral',
    'ground',
  ]);
const take = (log: TestLog, picks: FixturePicks = {}): TestLog => {
  const { data } = fixtureOptions(asFloodlight(log.point), SHIPPED_CATALOGUE, picks);
  if (!data) throw new Error('no choice');
  return log.write('fixtureChosen', data);
};
const dead = (log: TestLog): TestLog =>
  log
    .write('circuitListed', { circuitId: 'k', way: '9', feeds: [pointId], sharedNeutral: 'no', otherInBox: 'no' })
    .write('circuitSwitched', { circuitId: 'k', to: 'off', tagged: true, guard: 'locked' })
    .write('deadProved', { circuitId: 'k', placeId: pointId, ...DEAD_MAINS });
const ticked = (log: TestLog, upTo = Infinity): TestLog => {
  for (const { id: stepId, touches } of pointSteps(log.point).slice(0, upTo))
    log.write('stepTicked', { pointId, stepId, touches, how: 'done' });
  return log;
};
const standing = (log: TestLog): { job: Job; point: Floodlight; assessment: Assessment } => ({
  job: log.job,
  point: asFloodlight(log.point),
  assessment: assess(log.job, log.point),
});
const worries = (log: TestLog): readonly string[] => {
  const { job, point, assessment } = standing(log);
  return worriesOf(job, point, assessment).map(({ id }) => id);
};

describe('the box of a floodlight', () => {
  it('is asked for step by step: box, material, cables, then test after test', () => {
    expect(missingAtBox(asFloodlight(surveyed().point)).map(({ id }) => id)).toEqual([
      'boxVolume',
      'boxMaterial',
      'cables',
    ]);
    const listed = withCable(surveyed().write('boxDescribed', { boxId: pointId, ...BOX }), 'c', '14/2 with ground', []);
    expect(missingAtBox(asFloodlight(listed.point)).map(({ id }) => id)).toEqual(['test']);
    const { job, point, assessment } = standing(listed);
    expect(inWords(nextMove(job, point, assessment, asked('ines')), say)).toMatchObject({
      rung: 'measure',
      words: 'Test black of cable 1: volts to a known ground, every switch off',
    });
  });
  it('takes what its readings say before what was said of it, and tells what contradicts', () => {
    const read = (
      log: TestLog,
      conductorId: string,
      test: EntryData<'conductorTested'>['test'],
      value: number,
      switches?: 'allOff' | 'allOn',
    ) =>
      log.write('conductorTested', {
        boxId: pointId,
        cableId: 'c',
        conductorId,
        test,
        value,
        ...(switches ? { switches } : {}),
      });
    const log = known();
    read(log, '2', 'toGround', 121, 'allOff');
    read(log, '2', 'toGround', 121, 'allOn');
    expect(boxSurveyOf(log.point).cables[0]?.conductors.map(({ carries }) => carries)).toEqual([
      'hot',
      'hot',
      'ground',
    ]);
    read(log, '2', 'loadAmps', 0);
    expect(inWords(boxDoubts(log.point), say)).toEqual([expect.stringContaining('two functions on one lead')]);
    expect(boxSurveyOf(log.point).cables[0]?.conductors[1]?.carries).toBe('unknown');
  });
  it('asks no test of what was said to be tested, and forgets a cable that is not there', () => {
    expect(conclusionsOf(known().point).next).toBeNull();
    const gone = known().write('cableDescribed', { boxId: pointId, cableId: 'c', conductors: null });
    expect(gone.point.cables).toEqual([]);
  });
});

describe('the plan of a floodlight', () => {
  it('is taken with the catalogue’s values, passes every rule, and names what to bring', () => {
    const log = take(known());
    const { job, point } = standing(log);
    expect(findingsOf(job, point).planned).toEqual([]);
    expect(fixtureOf(point)?.room).toMatchObject({ requiredIn3: 11, fits: true });
    expect(inWords(partsOf(job, point), say)).toEqual([
      'Twin-lamp wall floodlight camera',
      '1 × Twist-on, medium',
      '2 screws for the bar: 8-32 × 1/2 in',
      '2 screws for the plate: 8-32 × 1/2 in',
    ]);
  });
  it('puts a ring on an overfull box by itself, and another one where it is picked', () => {
    const pancake = known().write('boxDescribed', { boxId: pointId, standardBox: 'pancake' });
    const options = fixtureOptions(asFloodlight(pancake.point), SHIPPED_CATALOGUE, {});
    // The ring without a gasket is cheaper, and stands in the rain
    expect(options.data?.cure?.id).toBe('ring-wet');
    const bare = take(pancake, { cureId: null });
    expect(planStop(bare.job, bare.point)?.rule).toBe('boxRoom');
  });
  it('holds every mains step where no ground is found, whatever is proved dead', () => {
    const log = known();
    withCable(log, 'c', '14/2', ['hot', 'neutral']);
    log.write('boxDescribed', { boxId: pointId, bonded: 'no' });
    dead(take(log, { groundId: 'findOut' }));
    const { job, point, assessment } = standing(log);
    const steps = stepStandings(job, point, asked('ines'));
    expect(steps.filter(({ step }) => step.touches === 'mains').every(({ heldBy }) => heldBy[0] === 'plan')).toBe(true);
    expect(inWords(nextMove(job, point, assessment, asked('ines')), say)).toMatchObject({ rung: 'choose', held: true });
    expect(worries(log)).toContainEqual(expect.stringContaining('rule-groundWhole'));
  });
  it('asks for the decision in writing by the school that goes on without a ground', () => {
    const log = known().write('policyTaken', { noGround: 'byRule' });
    withCable(log, 'c', '14/2', ['hot', 'neutral']);
    log.write('boxDescribed', { boxId: pointId, bonded: 'no' });
    const asked = fixtureOptions(asFloodlight(log.point), SHIPPED_CATALOGUE, { groundId: 'byRule' });
    expect(asked.asksInWriting).not.toBeNull();
    take(log, { groundId: 'byRule', groundWords: 'GFCI breaker fitted, R. Vance, licensed' });
    expect(planStop(log.job, log.point)).toBeNull();
    expect(say(findingsOf(log.job, log.point).planned[0]?.words)).toContain('R. Vance');
  });
  it('puts the camera that fits first, and says what the others do not go with', () => {
    const cameras = (more: (log: TestLog) => TestLog) =>
      fixtureOptions(asFloodlight(more(known()).point), SHIPPED_CATALOGUE, {}).cameras.map(({ fixture, unfit }) => [
        fixture.id,
        unfit.map(say),
      ]);
    // On a wall all come round; 1400 of 1440 VA leave room for the single lamp's 31 alone
    const full = cameras((log) => log.write('boxDescribed', { boxId: pointId, existingVa: 1400 }));
    expect(full[0]).toEqual(['single-class-two', []]);
    expect(full.find(([id]) => id === 'twin-wall')).toEqual(['twin-wall', ['13 VA too many for the circuit']]);
    const eave = cameras((log) => log.write('pointDescribed', { pointId, mountedOn: 'eave' }));
    expect(eave[0]?.[1]).toEqual([]);
    expect(eave.find(([id]) => id === 'twin-wall')).toEqual(['twin-wall', ['head or sensor can’t come round here']]);
    const pancake = cameras((log) => log.write('boxDescribed', { boxId: pointId, standardBox: 'pancake' }));
    expect(pancake.every(([, unfit]) => unfit?.includes('more than the box holds as it is'))).toBe(true);
  });
  it('says what would bring a circuit under its limit', () => {
    const [big, small] = fixturesIn(SHIPPED_CATALOGUE).filter(({ id }) => id !== 'twin-eave');
    if (!big || !small) throw new Error('no fixtures');
    // 15 A at 120 V: 1440 VA for hours; 1400 with 53 on it are 13 too many, with 31 they are not
    const log = known().write('boxDescribed', { boxId: pointId, ratedAmps: 15, existingVa: 1400 });
    expect(loadCures(asFloodlight(log.point), big, [big, small]).map(({ id, totalVa }) => [id, totalVa])).toEqual([
      ['single-class-two', 1431],
      ['lessOnIt', 1440],
      ['otherCircuit', null],
    ]);
    expect(loadCures(asFloodlight(known().point), big, [big, small])).toEqual([]);
  });
  it('speaks of line and earth where they are called so', () => {
    const log = take(known('gb-230'));
    const words = pointSteps(log.point)
      .map((step) => sayBritish(step.words))
      .join();
    expect(words).toContain('Earths together');
    expect(words).not.toMatch(/ground|\bhot/i);
  });
});

describe('wiring a floodlight', () => {
  it('is held until its circuit is proved dead, and again after it was switched on to see it work', () => {
    const log = take(known());
    const held = () => stepStandings(log.job, log.point, asked('ines')).find(({ ticked: done }) => !done)?.held ?? null;
    ticked(log, 2);
    expect(say(held())).toBe('no circuit named yet');
    dead(log);
    expect(held()).toBeNull();
    const steps = pointSteps(log.point);
    const on = steps.findIndex(({ energises }) => energises);
    ticked(log, on + 1);
    log.write('circuitSwitched', { circuitId: 'k', to: 'on' });
    expect(steps[on + 1]?.id).toBe('box-dead-again');
    expect(say(held())).toBe('the circuit is live');
    // Before it was on, the older proof did not open what comes after
    const early = ticked(dead(take(known())), on);
    const later = stepStandings(early.job, early.point, asked('ines')).at(-1);
    expect(inWords(later, say)).toMatchObject({ heldAt: 'order' });
  });
  it('switches nothing on over an open splice, nor over a lead that shorts', () => {
    const onStep = (log: TestLog) =>
      stepStandings(log.job, log.point, asked('ines')).find(({ step }) => step.energises);
    const log = ticked(dead(take(known())), 9);
    expect(inWords(onStep(log), say)).toMatchObject({
      heldAt: 'order',
      held: expect.stringContaining('Hots together'),
    });
    ticked(log, 11);
    expect(onStep(log)?.held).toBeNull();
    log.write('leadMoved', { pointId, lead: 'fixture.neutral', from: 'splice.neutral', to: 'splice.hot' });
    expect(inWords(onStep(log), say)).toMatchObject({
      heldAt: 'order',
      held: expect.stringContaining('Hot and neutral are joined'),
    });
  });
  it('finds a lead that was moved to the wrong splice, and nothing once it is back', () => {
    const log = ticked(dead(take(known())), 11);
    expect(findingsOf(log.job, log.point).byDeviation).toEqual([]);
    log.write('leadMoved', { pointId, lead: 'fixture.neutral', from: 'splice.neutral', to: 'splice.hot' });
    expect(leadById(builtOf(log.point), 'fixture.neutral')?.to).toBe('splice.hot');
    expect(findingsOf(log.job, log.point).byDeviation.map(({ rule }) => rule)).toContain('mixedFunctions');
    expect(worries(log)).toEqual(expect.arrayContaining([expect.stringContaining('rule-mixedFunctions')]));
    log.write('entryStruck', { target: log.last });
    expect(findingsOf(log.job, log.point).byDeviation).toEqual([]);
  });
  it('takes a deviation for mended where a later step puts the lead in its place', () => {
    const log = ticked(dead(take(known())), 9);
    log.write('leadMoved', { pointId, lead: 'fixture.hot', from: null, to: 'splice.neutral' });
    expect(standingMoves(log.point)).toHaveLength(1);
    ticked(log);
    expect(standingMoves(log.point)).toEqual([]);
    expect(findingsOf(log.job, log.point).built).toEqual([]);
  });
  it('leaves a moved lead alone that fits nothing', () => {
    const log = take(known());
    log.write('leadMoved', { pointId, lead: 'invented', from: 'x', to: 'y' });
    log.write('leadMoved', { pointId, lead: 'c.1', from: 'nowhere', to: 'nothing' });
    expect(builtOf(log.point).leads).toEqual(builtOf(take(known()).point).leads);
  });
  it('asks for the other circuit where a neutral is shared or two feeds are in the box', () => {
    const log = dead(take(known()));
    withCable(log, 'b', '14/2 with ground', ['hot', 'neutral', 'ground'], 'secondCircuit');
    expect(planStop(log.job, log.point)?.rule).toBe('twoCircuits');
    const shared = dead(take(known()));
    for (const [test, value, switches] of [
      ['toGround', 0.4, 'allOff'],
      ['toGround', 0.4, 'allOn'],
      ['fromHot', 121, 'allOn'],
      ['fromHot', 121, 'allOff'],
      ['loadAmps', 0, undefined],
      ['neutralAmps', 1.4, undefined],
    ] as const)
      shared.write('conductorTested', {
        boxId: pointId,
        cableId: 'c',
        conductorId: '2',
        test,
        value,
        ...(switches ? { switches } : {}),
      });
    for (const switches of ['allOff', 'allOn'] as const)
      shared.write('conductorTested', {
        boxId: pointId,
        cableId: 'c',
        conductorId: '1',
        test: 'toGround',
        value: 121,
        switches,
      });
    expect(unnamedFeed(shared.job, shared.point)).toBe('sharedNeutral');
  });
});
