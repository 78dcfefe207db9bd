import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE } from '../catalogue';
import { DEAD_MAINS } from '../isolation/forTests';
import { INES, TestLog, TOMAS, asFloodlight, asked, withTransformer } from '../job/forTests';
import { CLOSING_STEPS, ENERGISING_STEPS } from '../wiring';
import { hazardsAt, stepCautions } from './cautions';
import { fixtureOptions } from './floodlight/fixtureChoice';
import { pointSteps } from './planOf';
import { stepStandings } from './stepStandings';

const SWITCHED = ['switched', 'neutral', 'ground'] as const;

/** A floodlight whose plan is taken; its circuit is off, locked, and proved dead at the box by Ines. */
function taken(feedId?: string, policy?: 'allMains'): TestLog {
  const log = new TestLog()
    .write('siteDescribed', {
      region: 'na-120',
      colourEra: 'now',
      hazards: ['softGround', 'dog', 'oldBoards', 'oldPaint'],
    })
    .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'box' })
    .write('pointDescribed', {
      pointId: 'yard',
      oldFixture: 'lamp',
      mountedOn: 'wall',
      fixtureHeightM: 2.9,
      wall: 'brick',
    })
    .write('boxDescribed', {
      boxId: 'box',
      standardBox: 'oct-2-1-8',
      material: 'metal',
      bonded: 'yes',
      clamps: 'internal',
      fittings: 0,
      recessM: 0,
      wetRated: 'yes',
      bears: 'yes',
      ahead: 'switch',
      ratedAmps: 15,
      existingVa: 100,
    })
    .write('cableDescribed', {
      boxId: 'box',
      cableId: 'k',
      role: 'feed',
      conductors: SWITCHED.map((carries, i) => ({
        id: String(i + 1),
        awg: 14,
        strands: 'solid',
        metal: 'copper',
        colour: (['black', 'white', 'bare'] as const)[i] ?? 'black',
        carries,
      })),
    })
    .write('circuitListed', { circuitId: 'c', way: '7', feeds: ['yard'], otherInBox: 'no', sharedNeutral: 'no' })
    .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
  // A new cable comes from a circuit of its own, named, off and proved like the first
  if (feedId === 'newCable')
    log
      .write('circuitListed', { circuitId: 'd', way: '9', feeds: ['yard'], otherInBox: 'no', sharedNeutral: 'no' })
      .write('circuitSwitched', { circuitId: 'd', to: 'off', tagged: true, guard: 'locked' })
      .write('deadProved', { circuitId: 'd', placeId: 'box', ...DEAD_MAINS });
  log.write('deadProved', { circuitId: 'c', placeId: 'box', ...DEAD_MAINS });
  if (policy) log.write('policyTaken', { licensedWork: policy });
  const { data } = fixtureOptions(asFloodlight(log.point), SHIPPED_CATALOGUE, { feedId });
  if (!data) throw new Error('no choice');
  return log.write('fixtureChosen', data);
}
const standing = (log: TestLog, stepId: string, licensed = false) => {
  const found = stepStandings(log.job, log.point, { ...asked('ines'), licensed }).find(
    ({ step }) => step.id === stepId,
  );
  if (!found) throw new Error(`no step ${stepId}`);
  return found;
};

/** A door for which a transformer is taken, on a box or on the board’s rail. */
function transformerTaken(region: 'na-120' | 'gb-230', fit: 'onBox' | 'dinRail'): TestLog {
  return new TestLog()
    .write('siteDescribed', { region })
    .write('pointAdded', {
      pointId: 'd',
      pointKind: 'doorbell',
      name: 'Front',
      supplyId: 's',
      chimeId: 'c',
      boxId: 'b',
    })
    .write('choiceMade', withTransformer('d', fit));
}

describe('who may', () => {
  it('tick what is kept for a licence: only somebody who holds one, and what follows waits for it', () => {
    const log = taken('newCable');
    expect(standing(log, 'feed-cable')).toMatchObject({ licensed: true, heldBy: ['licence'] });
    expect(say(standing(log, 'feed-cable').held)).toContain('holds a licence');
    expect(standing(log, 'box-bar').heldBy).toContain('stepBefore');
    expect(standing(log, 'feed-cable', true).heldBy).toEqual([]);
    log.write('stepTicked', { pointId: 'yard', stepId: 'feed-cable', touches: 'mains', placeId: 'box', how: 'done' });
    expect(standing(log, 'box-bar').heldBy).toEqual([]);
  });
  it('put a transformer in the board where the place keeps that for a licence, and no other transformer', () => {
    for (const [region, fit, kept] of [
      ['gb-230', 'dinRail', true],
      ['na-120', 'onBox', false],
    ] as const) {
      const log = transformerTaken(region, fit);
      const seat = standing(log, 'mains-seat');
      expect([seat.licensed, seat.heldBy.includes('licence')]).toEqual([kept, kept]);
      expect(standing(log, 'mains-seat', true).heldBy).not.toContain('licence');
      // The firm may draw its line further out: every transformer then
      log.write('policyTaken', { licensedWork: 'works' });
      expect(standing(log, 'mains-seat').heldBy).toContain('licence');
    }
  });
  it('touch mains at all is the firm’s to say', () => {
    const log = taken('guardSwitch', 'allMains');
    expect(standing(log, 'box-old-out').heldBy).toEqual(['licence']);
    expect(standing(log, 'box-old-out', true).heldBy).toEqual([]);
    expect(standing(taken('guardSwitch'), 'box-old-out').heldBy).toEqual([]);
  });
});

describe('a switch’s box', () => {
  it('is proved dead by itself: the proof of the camera’s box opens none of it', () => {
    const log = taken('joinAtSwitch');
    expect(standing(log, 'feed-ahead-prove')).toMatchObject({ heldBy: [], toProve: ['c'], placeId: 'box/switch' });
    expect(standing(log, 'feed-ahead-join').heldBy).toEqual(['noMainsProof']);
    log.write('deadProved', { circuitId: 'c', placeId: 'box/switch', ...DEAD_MAINS });
    expect(standing(log, 'feed-ahead-join').heldBy).toEqual([]);
    expect(standing(log, 'box-bar').heldBy).toEqual([]);
  });
});

describe('steps', () => {
  it('that energise or close are known by their ids, whoever writes the tick', () => {
    for (const feed of ['guardSwitch', 'joinAtSwitch', 'newCable'])
      for (const { id, energises, closes } of pointSteps(taken(feed).point)) {
        expect([id, ENERGISING_STEPS.has(id)]).toEqual([id, energises === true]);
        expect([id, CLOSING_STEPS.has(id)]).toEqual([id, closes === true]);
      }
  });
  it('that touch mains carry a caution of their own, and the others none', () => {
    const { job, point } = taken('joinAtSwitch');
    for (const step of pointSteps(point)) {
      const words = stepCautions(job, point, step).map(say);
      expect([step.id, words.length]).toEqual([step.id, step.touches === 'mains' || step.energises ? 1 : 0]);
    }
    const open = pointSteps(point).find(({ id }) => id === 'box-open');
    expect(open && stepCautions(job, point, open).map(say)).toEqual([expect.stringContaining('one hand')]);
  });
});

describe('hazards of Look', () => {
  it('come back where they bite, each once', () => {
    const { job } = taken('guardSwitch');
    expect(hazardsAt(job, 'isolate').map(say)).toEqual([
      expect.stringContaining('Dog'),
      expect.stringMatching(/stucco|asbestos/i),
    ]);
    expect(hazardsAt(job, 'wire').map(say)).toEqual([
      expect.stringContaining('Soft ground'),
      expect.stringContaining('Dog'),
    ]);
    // Boards and paint of unknown stuff are one caution
    expect(hazardsAt(job, 'mount')).toHaveLength(3);
  });
});

describe('two people', () => {
  it('at one box each ask for their own proof, and the last hands are named before it is switched on', () => {
    const log = taken('guardSwitch').write('deadProved', { circuitId: 'c', placeId: 'box', ...DEAD_MAINS }, TOMAS);
    const of = (who: string) =>
      stepStandings(log.job, log.point, asked(who)).find(({ step }) => step.id === 'box-bar')?.heldBy;
    expect(of(TOMAS.id)).toEqual([]);
    expect(of(INES.id)).toEqual(['provedByAnother']);
    const energise = stepStandings(log.job, log.point, asked('ines')).find(({ step }) => step.energises);
    expect(energise?.heldBy).toContain('placeOpen');
  });
});
