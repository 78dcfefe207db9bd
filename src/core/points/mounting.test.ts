import { sayIn } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE, bracketsIn } from '../catalogue';
import { NOBODY } from '../isolation';
import { placeOf } from '../job/region';
import { TestLog } from '../job/forTests';
import type { EntryData } from '../kinds/register';
import { cameraAt, groundAt, lensPlace } from '../yard';
import { seesForCustomer } from './seesForCustomer';
import { fixingOf } from './fixing';
import { sensorBand } from './floodlightChecks';
import { leadLeftM } from './plugFloodlight/outletFit';
import { assess } from './doorbell/assessment';
import { ladderOf } from './ladder';
import { builtBesideOf, lostTargets } from './mounting';
import { nextMove } from './nextMove';
import { partsOf } from './parts';
import { plugChoiceOf, plugOptions } from './plugFloodlight/choice';
import { pointSteps } from './planOf';
import { worriesOf } from './worries';
import { yardSceneOf } from './yardScene';

/** A floodlight with a plug, wired, its aim to be taken: a gate to the right and a window to the left that stays out. */
function wired(): TestLog {
  const log = new TestLog()
    .write('siteDescribed', { region: 'gb-230' })
    .write('pointAdded', { pointId: 'p', pointKind: 'plugFloodlight', name: 'Yard', boxId: 'b' })
    .write('pointDescribed', {
      pointId: 'p',
      mountedOn: 'wall',
      wall: 'brick',
      fixtureHeightM: 2.9,
      shouldSee: ['gate'],
      nightLight: 'dark',
    })
    .write('wifiRead', { pointId: 'p', dbm: -60 })
    .write('outletDescribed', { pointId: 'p', wayM: 1.2, alwaysOn: 'yes', residual: 'yes', cover: 'inUse' })
    .write('targetPlaced', { pointId: 'p', targetId: 'g', what: 'gate', distanceM: 6, turnDeg: 20, how: 'taped' })
    .write('targetPlaced', {
      pointId: 'p',
      targetId: 'w',
      what: 'window',
      distanceM: 8,
      turnDeg: -70,
      how: 'taped',
      wants: 'out',
    });
  const { point } = log;
  const [option] = point.kind === 'plugFloodlight' ? plugOptions(point, SHIPPED_CATALOGUE) : [];
  if (!option) throw new Error('no camera with a plug');
  log.write('plugFixtureChosen', plugChoiceOf('p', option.fixture));
  for (const { id: stepId, touches } of pointSteps(log.point))
    log.write('stepTicked', { pointId: 'p', stepId, touches, how: 'done' });
  return log;
}

const HOUSE: [number, number][] = [
  [0, 0],
  [0, 7],
  [10, 7],
  [10, 0],
];
const STREET: [number, number][] = [
  [-10, -20],
  [-10, -12],
  [20, -12],
  [20, -20],
];

/** Takes the aim that is proposed. */
function aimed(log: TestLog): TestLog {
  const aim = yardSceneOf(log.job, log.point)?.proposed;
  if (!aim) throw new Error('no aim');
  return log.write('aimPlanned', { pointId: 'p', ...aim });
}
const planned = (): TestLog => aimed(wired());
const hangs = (log: TestLog, how: Omit<EntryData<'mountRecorded'>, 'pointId'>): TestLog =>
  log.write('mountRecorded', { pointId: 'p', heightM: 2.9, level: 'yes', ...how });
const stand = ({ job, point }: TestLog) => {
  const assessment = assess(job, point);
  return {
    move: say(nextMove(job, point, assessment, NOBODY).words),
    mount: ladderOf(job, point, assessment, NOBODY).find(({ rung }) => rung === 'mount'),
    worries: worriesOf(job, point, assessment).filter(({ id }) => id.startsWith('lost-')),
  };
};
/** Straight as planned, turned and tilted by so much more. */
function off(log: TestLog, turnDeg: number, downDeg = 0) {
  const yard = yardSceneOf(log.job, log.point);
  if (!yard) throw new Error('no yard');
  const { bearingDeg, tiltDownDeg } = cameraAt(yard.scene, yard.aim);
  return { panDeg: ((bearingDeg + 180) % 360) - 180 + turnDeg, downDeg: tiltDownDeg + downDeg };
}

describe('how a head came to hang', () => {
  it('asks for an aim first, then how it hangs, and compares nothing before', () => {
    expect(stand(wired()).move).toBe('Take an aim for its head');
    const log = planned();
    expect(stand(log).move).toBe('Note the height it came to');
    log.write('mountRecorded', { pointId: 'p', heightM: 2.9, level: 'yes', bearingDeg: 190 });
    // A compass alone does not tell what is seen
    expect(builtBesideOf(log.job, log.point)).toBeNull();
    expect(stand(log)).toMatchObject({ move: 'Note how its head hangs', mount: { state: 'inHand' }, worries: [] });
  });
  it('is done where everything of the plan is still seen', () => {
    const log = planned();
    hangs(log, off(log, 1, 1));
    const beside = builtBesideOf(log.job, log.point);
    expect(beside?.targets.map(({ became }) => became)).toEqual(['holds', 'holds']);
    expect(beside?.offDeg).toBeCloseTo(Math.hypot(1, Math.cos(0.2)), 1);
    expect(stand(log)).toMatchObject({ mount: { state: 'done' }, worries: [] });
    expect(stand(log).move).not.toContain('Aim again');
  });
  it('loses a gate that left the picture: a worry and the next move, until it is aimed again', () => {
    const log = planned();
    hangs(log, off(log, 95));
    expect(lostTargets(log.job, log.point).map(({ lost }) => lost.target.id)).toEqual(['g']);
    expect(stand(log)).toMatchObject({ move: 'Aim again: gate missed as it hangs', mount: { state: 'inHand' } });
    expect(stand(log).worries.map(({ words }) => say(words))).toEqual([
      'As it hangs the gate is missed. It is out of the picture.',
    ]);
    hangs(log, off(log, 0));
    expect(stand(log)).toMatchObject({ mount: { state: 'done' }, worries: [] });
  });
  it('worries about a window that came into the picture, as about a gate that left it', () => {
    const log = planned();
    hangs(log, off(log, -60));
    expect(stand(log).worries.map(({ id }) => id)).toContain('lost-w');
    expect(
      stand(log)
        .worries.map(({ words }) => say(words))
        .join(),
    ).toContain('should not be');
  });
  it('lets a miss stand in words, of that one aim only', () => {
    const log = planned();
    hangs(log, off(log, 95)).write('missAccepted', { pointId: 'p', targetId: 'g', words: 'a second camera comes' });
    expect(stand(log)).toMatchObject({ mount: { state: 'done' }, worries: [] });
    expect(lostTargets(log.job, log.point)[0]?.accepted?.data.words).toBe('a second camera comes');
    // A word on the seal changes nothing of where it looks
    log.write('mountRecorded', { pointId: 'p', seal: 'gasket' });
    expect(stand(log).worries).toEqual([]);
    hangs(log, off(log, 97));
    expect(stand(log).worries.map(({ id }) => id)).toEqual(['lost-g']);
  });
});

describe('a floodlight with a plug at Mount', () => {
  it('tells the customer what its camera sees once it was aimed, and what is to be masked', () => {
    const log = wired();
    expect(log.job.points.flatMap((point) => seesForCustomer(log.job, point))).toEqual([]);
    log
      .write('shapeDrawn', { shapeId: 'h', what: 'house', corners: HOUSE })
      .write('shapeDrawn', { shapeId: 's', what: 'street', corners: STREET })
      .write('pointOnPlan', { pointId: 'p', shapeId: 'h', side: 3, alongM: 5 });
    aimed(log);
    const yours = log.job.points
      .flatMap((point) => seesForCustomer(log.job, point))
      .map(say)
      .join(' ');
    expect(yours).toContain('The camera “Yard” is to see: gate.');
    expect(yours).toContain('Masked in its app, as it would be in the picture of “Yard”: street.');
  });
  it('is held as its wall asks, its lead and ladder told, and too near the eaves it is said', () => {
    const log = wired();
    const inRegion = sayIn(placeOf(log.job));
    const told = () =>
      fixingOf(log.job, log.point).map(({ words, isCaution }) => `${isCaution ? '!' : ''}${inRegion(words)}`);
    // Brick: anchors of 6 mm, so 60 mm from an edge; a ladder at 1:4 to 2.9 m is 2.99 m long
    expect(told()).toEqual(expect.arrayContaining(['Anchors stay 60 mm from an edge and 30 mm from old holes.']));
    expect(told().at(-1)).toBe('A ladder of 3.0 m, its foot 0.7 m from the wall.');
    log
      .write('shapeDrawn', { shapeId: 'h', what: 'house', corners: HOUSE, tallM: 3, eaveM: 0.4 })
      .write('pointOnPlan', { pointId: 'p', shapeId: 'h', side: 3, alongM: 5 });
    expect(told()).toContain('!The eaves are 100 mm over its lens: leave 200 mm, or hang it lower.');
    log.write('shapeDrawn', { shapeId: 'h', tallM: 3.6 });
    expect(told()).toContain('The eaves are 700 mm over its lens.');
  });
  it('has so much of its lead left for another spot', () => {
    // 2.5 m of lead, 1.2 m of way and 0.3 m for the drip loop
    expect(leadLeftM(wired().point)).toBeCloseTo(1, 9);
  });
  it('is predicted to fire as far as its sensor reaches as it hangs, and less nose-down', () => {
    const log = wired();
    const level = sensorBand(log.job, log.point);
    if (!level) throw new Error('no band');
    // 9 m from 2.9 m by what is assumed: 2° nose-down 7.6 m, a fifth less; at most 9.9 m, a fifth more
    expect(level.low).toBeCloseTo(0.8 * (1.9 / Math.tan(Math.atan(1.9 / 9) + Math.PI / 90)), 6);
    expect(level.high).toBeCloseTo(1.2 * 9.9, 6);
    aimed(log).write('mountRecorded', { pointId: 'p', heightM: 2.9, panDeg: 20, downDeg: 10, sensorDownDeg: 8 });
    expect(sensorBand(log.job, log.point)?.high).toBeLessThan(level.high);
  });
  it('stands on its bracket until that is taken off', () => {
    const log = wired();
    const turned = () => yardSceneOf(log.job, log.point)?.scene.turnedDeg ?? 0;
    const corner = bracketsIn(SHIPPED_CATALOGUE, 'wall').find(({ turnDeg }) => turnDeg > 0);
    if (!corner) throw new Error('no corner bracket');
    log.write('aimPlanned', { pointId: 'p', bracket: { ...corner, side: 'left' } });
    expect(turned()).toBe(-45);
    expect(partsOf(log.job, log.point)).toContain(corner.name);
    log.write('aimPlanned', { pointId: 'p', bracket: null });
    expect(turned()).toBe(0);
  });
  it('hangs under the eaves of its plan where nobody measured them, over a terrace that counts from itself', () => {
    const log = wired()
      .write('pointDescribed', { pointId: 'p', mountedOn: 'eave' })
      .write('shapeDrawn', { shapeId: 'h', what: 'house', corners: HOUSE, tallM: 3.2, eaveM: 0.5 })
      .write('shapeDrawn', {
        shapeId: 't',
        what: 'step',
        groundM: 0.4,
        corners: [
          [3, 0],
          [7, 0],
          [7, -2],
          [3, -2],
        ],
      })
      .write('pointOnPlan', { pointId: 'p', shapeId: 'h', side: 3, alongM: 5 });
    const scene = yardSceneOf(log.job, log.point)?.scene;
    if (!scene) throw new Error('no scene');
    expect(lensPlace(scene, { lensM: 2.5 })[1]).toBeCloseTo(0.35, 9);
    // The ladder stands on the terrace: the yard beyond it lies lower, the eaves too
    expect(groundAt(scene, [0, 1])).toBeCloseTo(0, 9);
    expect(groundAt(scene, [0, 3])).toBeCloseTo(-0.4, 9);
    const eaves = scene.around?.solids.find(({ id }) => id === 'h-eave');
    expect(eaves?.prism.baseM).toBeCloseTo(2.8, 9);
  });
});
