import { inWords } from '@/words';
import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE, fixturesIn, plugFixturesIn } from '../../catalogue';
import { asked, TestLog } from '../../job/forTests';
import { houseOf } from '../../job/houseOf';
import { assess } from '../doorbell/assessment';
import { findingsOf, planStop } from '../findings';
import { ladderOf } from '../ladder';
import { nextMove } from '../nextMove';
import { partsOf } from '../parts';
import { pointSteps } from '../planOf';
import { stepStandings } from '../stepStandings';
import { circuitsOfPoint } from '../supplyOf';
import { worriesOf } from '../worries';
import { plugChoiceOf, plugOptions } from './choice';
import { leadReaches, outletFit } from './outletFit';
import { checksOf } from '../checks';
import { clipsFor } from './plan';
import type { PlugFloodlight } from './plugFloodlight';

const pointId = 'yard';
const spotOf = (log: TestLog): PlugFloodlight => {
  const { point } = log;
  if (point.kind !== 'plugFloodlight') throw new Error('no floodlight with a plug');
  return point;
};
const added = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'gb-230', lengths: 'metric' })
    .write('pointAdded', { pointId, pointKind: 'plugFloodlight', name: 'Yard', boxId: pointId });
const looked = (): TestLog =>
  added()
    .write('pointDescribed', { pointId, mountedOn: 'wall', wall: 'brick', fixtureHeightM: 2.9 })
    .write('wifiRead', { pointId, dbm: -58 });
const GOOD = { alwaysOn: 'yes', residual: 'yes', cover: 'inUse', wayM: 2.1 } as const;
const good = (): TestLog => looked().write('outletDescribed', { pointId, ...GOOD });
const take = (log: TestLog): TestLog => {
  const [option] = plugOptions(spotOf(log), SHIPPED_CATALOGUE);
  if (!option) throw new Error('no camera');
  return log.write('plugFixtureChosen', plugChoiceOf(pointId, option.fixture));
};
const move = (log: TestLog) => nextMove(log.job, log.point, assess(log.job, log.point), asked('ines'));
const state = (log: TestLog, rung: string) =>
  ladderOf(log.job, log.point, assess(log.job, log.point), asked('ines')).find((mark) => mark.rung === rung)?.state;

describe('a floodlight with a plug', () => {
  it('is asked for its spot, then its outlet, one by one, and for no box and no breaker', () => {
    const log = looked();
    const asked: string[] = [];
    const answers = [{ wayM: 2.1 }, { alwaysOn: 'yes' }, { residual: 'yes' }, { cover: 'inUse' }] as const;
    for (const answer of answers) {
      asked.push(say(move(log).words));
      log.write('outletDescribed', { pointId, ...answer });
    }
    expect(asked[0]).toContain('Tape the lead’s way');
    expect(new Set(asked).size).toBe(4);
    expect(inWords(move(log), say)).toMatchObject({ rung: 'choose' });
    expect(asked.join(' ')).not.toMatch(/breaker|box|conductor/);
    expect(circuitsOfPoint(log.job, log.point)).toEqual([]);
  });
  it('needs 0.3 m of lead beyond its way: 2.5 m reach 2.2 m and not 2.21 m', () => {
    expect(leadReaches(2.2, 2.5)).toBe(true);
    expect(leadReaches(2.21, 2.5)).toBe(false);
    expect(leadReaches(undefined, 2.5)).toBeNull();
  });
  it.each([
    ['a lead that is too short', { wayM: 4 }, 'the way to the socket with a drip loop takes 4.3 m'],
    ['an outlet without protection', { residual: 'no' }, 'No RCD'],
    ['a flap for a cover', { cover: 'flap' }, 'fitted first'],
    ['a switched outlet', { alwaysOn: 'no' }, 'A switch turns the socket off'],
  ] as const)('does not stand with %s, and says why everywhere', (_what, wrong, words) => {
    const log = take(good().write('outletDescribed', { pointId, ...wrong }));
    expect(say(planStop(log.job, log.point)?.words)).toContain(words);
    expect(inWords(move(log), say)).toMatchObject({ words: 'The plan does not stand' });
    expect(
      worriesOf(log.job, log.point, assess(log.job, log.point)).some((one) => say(one.words).includes(words)),
    ).toBe(true);
  });
  it('never takes what nobody said for a pass', () => {
    const log = take(looked().write('outletDescribed', { pointId, wayM: 1 }));
    expect(outletFit(spotOf(log), { plugLeadM: 2.5 }).filter(({ suffices }) => !suffices)).toHaveLength(3);
    expect(planStop(log.job, log.point)).not.toBeNull();
  });
  it('holds the plug while the plan does not stand, an unmeasured way included', () => {
    const held = (log: TestLog) =>
      stepStandings(log.job, log.point, asked('ines')).find(({ step }) => step.id === 'plug-in')?.held ?? null;
    expect(held(take(good()))).toBeNull();
    expect(say(held(take(good().write('outletDescribed', { pointId, residual: 'no' }))))).toContain('does not stand');
    expect(say(held(take(good().write('outletDescribed', { pointId, wayM: null }))))).toContain('was not measured');
  });
  it('climbs to its sheet without a proof: no step bares a conductor, and the plug goes in last', () => {
    const log = take(good());
    expect(planStop(log.job, log.point)).toBeNull();
    expect(findingsOf(log.job, log.point).planned).toEqual([]);
    expect(state(log, 'isolate')).toBe('done');
    const steps = pointSteps(log.point);
    expect(steps.every(({ touches }) => touches === 'nothing')).toBe(true);
    expect(steps.at(-1)?.id).toBe('plug-in');
    // Its code is read while it still lies in its box
    expect(say(move(log).words)).toContain('its code');
    log.write('deviceDescribed', { pointId, code: 'CAM-1', codeReadBy: 'picture' });
    for (const { id: stepId, touches } of steps) {
      expect(stepStandings(log.job, log.point, asked('ines')).find(({ step }) => step.id === stepId)?.held).toBeNull();
      expect(move(log).rung).toBe('wire');
      log.write('stepTicked', { pointId, stepId, touches, how: 'done' });
    }
    expect(state(log, 'wire')).toBe('done');
    // How it came to hang, then what is seen once it is on; only then the sheet
    for (const facts of [{ heightM: 2.8 }, { level: 'yes' as const }, { bearingDeg: 190 }]) {
      expect(move(log).rung).toBe('mount');
      log.write('mountRecorded', { pointId, ...facts });
    }
    for (const { id: check } of checksOf(log.point)) {
      expect(move(log).rung).toBe('prove');
      log.write('checkDone', { pointId, check, result: 'passed' });
    }
    expect(['mount', 'prove'].map((rung) => state(log, rung as 'mount'))).toEqual(['done', 'done']);
    expect(inWords(move(log), say)).toMatchObject({ rung: 'leave' });
  });
  it('takes a clip for every 0.3 m and at least two', () => {
    expect([0.2, 0.6, 2.1].map(clipsFor)).toEqual([2, 2, 7]);
    expect(inWords(partsOf(take(good()).job, take(good()).point), say)).toContain('7 cable clips');
  });
  it('stands in the house beside its outlet, under no breaker', () => {
    const graph = houseOf(good().job);
    expect(graph.cables).toHaveLength(1);
    expect(inWords(graph.cables[0], say)).toMatchObject({ carries: 'mains', words: '2.1 m' });
    expect(graph.nodes.map(({ kind }) => kind)).not.toContain('circuit');
  });
  it('is offered cameras with a plug only, and a box those with bare leads only', () => {
    const plugs = plugFixturesIn(SHIPPED_CATALOGUE).map(({ id }) => id);
    const leads = fixturesIn(SHIPPED_CATALOGUE).map(({ id }) => id);
    expect(plugs).toContain('plug-single');
    expect(leads.filter((id) => plugs.includes(id))).toEqual([]);
  });
});
