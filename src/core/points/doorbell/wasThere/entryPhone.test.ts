import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { chooseAmong, optionsFor } from '../../../advice';
import { startedLog, type TestLog } from '../../../job/forTests';
import { bellPathOf, hasPart } from '../../../wiring';
import { assess } from '../assessment';
import { choiceOf } from '../choiceOf';
import { missingAtDoor } from '../look';
import { findingsOf } from '../../findings';
import { foundOf, planOf } from '../../planOf';

const pointId = 'p';
const found = (ownCable?: 'kept' | 'left'): TestLog =>
  startedLog()
    .write('pointDescribed', {
      pointId,
      wasThere: 'entryPhone',
      wall: 'brick',
      leadReachM: 0.1,
      deviceId: 'compact-silent',
      ...(ownCable ? { ownCable } : {}),
    })
    .write('transformerDescribed', {
      supplyId: pointId,
      ratedVolts: 16,
      ratedVa: 20,
      place: 'meter cupboard',
      toldApart: 'label',
      alwaysFed: 'yes',
    })
    .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 6, lengthHighM: 6, mm2: 0.5 })
    .write('wifiRead', { pointId, dbm: -55 });
const ids = (log: TestLog): readonly string[] => missingAtDoor(log.job, log.door).map(({ id }) => id);
const ways = (log: TestLog) => {
  const { survey, premises, known } = assess(log.job, log.door, 200);
  return chooseAmong(survey, known.houses, optionsFor(survey, premises), log.job.policy.weakSupply).options;
};
const take = (log: TestLog, transformerId: string | null = null): TestLog => {
  const way = ways(log).find(
    ({ transformer, instead, forbidden }) => (transformer?.id ?? null) === transformerId && !instead && !forbidden,
  );
  if (!way) throw new Error('no way');
  return log.write('choiceMade', choiceOf(pointId, way, '', say));
};

describe('an entry phone as what was there', () => {
  it('has its supply looked up like any other, no chime to be opened, and is asked about its cable', () => {
    const bare = startedLog().write('pointDescribed', { pointId, wasThere: 'entryPhone' });
    expect(ids(bare)).toContain('transformerPlace');
    expect(ids(bare)).not.toContain('chimeKind');
    expect(ids(bare)).not.toContain('supply');
    expect(ids(bare)).toContain('ownCable');
    expect(ids(found('kept'))).toEqual([]);
    expect(bare.door.toBeMade).toBe(false);
  });
  it('is found as a station at the door and a handset that the wires pass', () => {
    const wiring = foundOf(found('kept').door);
    expect(hasPart(wiring, 'station') && hasPart(wiring, 'handset')).toBe(true);
    expect(bellPathOf(wiring)).toEqual({ path: 'none' });
  });
  it('with its cable kept leaves the handset out and the loop whole, with no rule broken', () => {
    const log = take(found('kept'));
    const plan = planOf(log.door);
    expect(plan?.steps.map(({ id }) => id)).toEqual(expect.arrayContaining(['inside-out', 'door-old', 'door-d1']));
    expect(plan && hasPart(plan.planned, 'handset')).toBe(false);
    expect(plan && hasPart(plan.planned, 'station')).toBe(false);
    expect(say(plan?.steps.find(({ id }) => id === 'door-old')?.words)).toContain('Old door station off');
    expect(findingsOf(log.job, log.door).planned.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  it('with its cable left pulls new wire in any way, and nothing of the old one is fed', () => {
    const log = found('left');
    expect(new Set(ways(log).map(({ wire }) => wire))).toEqual(new Set(['repull']));
    const taken = take(log);
    const plan = planOf(taken.door);
    expect(plan?.steps.map(({ id }) => id)).toContain('own-cable-swap');
    const runs = plan?.planned.leads.filter(({ run }) => run !== undefined) ?? [];
    expect(runs.length).toBeGreaterThan(0);
    expect(runs.every(({ laid }) => laid?.how === 'instead')).toBe(true);
    expect(findingsOf(taken.job, taken.door).planned.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  it('carries more on the heavier new wire than on its own', () => {
    const volts = (log: TestLog) => assess(log.job, log.door, 400).reference.judgement.governingVolts;
    expect(volts(take(found('left')))).toBeGreaterThan(volts(take(found('kept'))));
  });
});
