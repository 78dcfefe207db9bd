import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { NOBODY } from '../isolation';
import { TestLog } from '../job/forTests';
import type { Check } from '../prove';
import { dueOf } from './calendar';
import { checksOf, failuresOf } from './checks';
import { sensorBand } from './floodlightChecks';
import { assess } from './doorbell/assessment';
import { ladderOf } from './ladder';
import { nextMove } from './nextMove';
import { verdictOf } from './verdict';
import { worriesOf } from './worries';

/** A floodlight with a plug, wired, hung, and gone through with one check that failed. */
function failed(): TestLog {
  const log = new TestLog()
    .write('siteDescribed', { region: 'na-120' })
    .write('pointAdded', { pointId: 'p', pointKind: 'plugFloodlight', name: 'Yard', boxId: 'b' })
    .write('checkDone', { pointId: 'p', check: 'switches', result: 'failed', reason: 'dies with the hall’s switch' });
  return passed(log, ({ id }) => id !== 'switches');
}
/** Passes the checks of its point. */
function passed(log: TestLog, which: (check: Check) => boolean = () => true): TestLog {
  for (const check of checksOf(log.point).filter(which))
    log.write('checkDone', { pointId: log.point.id, check: check.id, result: 'passed' });
  return log;
}
const stand = (log: TestLog) => {
  const { job, point } = log;
  const assessment = assess(job, point);
  return {
    failures: failuresOf(point),
    verdict: verdictOf(job, point, assessment),
    move: nextMove(job, point, assessment, NOBODY),
    prove: ladderOf(job, point, assessment, NOBODY).find(({ rung }) => rung === 'prove'),
    worries: worriesOf(job, point, assessment).map(({ id }) => id),
  };
};

describe('what failed when it was proved', () => {
  it('outranks whatever was worked out, and stays a worry', () => {
    const { verdict, prove, worries } = stand(failed());
    expect(verdict?.word).toBe('failed');
    expect(say(verdict?.words)).toBe('failed when proved: it stays on, whatever switch is turned');
    expect(prove?.state).toBe('held');
    expect(worries).toContain('failed-switches');
  });
  it('is to be put right even once the sheet is handed over', () => {
    const log = failed().write('pointLeft', { pointId: 'p', copyGiven: true, remark: 'told' });
    expect(say(stand(log).move.words)).toBe('Put right: it stays on, whatever switch is turned');
  });
  it('names the next thing to read, in its worry and in its move', () => {
    const { job, point } = failed();
    const assessment = assess(job, point);
    const worry = worriesOf(job, point, assessment).find(({ id }) => id === 'failed-switches');
    expect(say(worry?.words)).toBe(
      'It stays on, whatever switch is turned: failed. Dies with the hall’s switch. Read next: hot to neutral with that switch either way: it stands before the box.',
    );
    const left = failed().write('pointLeft', { pointId: 'p', copyGiven: true, remark: 'told' });
    expect(say(stand(left).move.why)).toContain('Read next: hot to neutral');
  });
  it('is let stand in words, of that one answer only', () => {
    const log = failed();
    const [wrong] = stand(log).failures;
    log.write('failureAccepted', { pointId: 'p', of: wrong?.answer.entryId ?? '', words: 'the switch is taped on' });
    const after = stand(log);
    expect(after.worries).not.toContain('failed-switches');
    expect(after.prove?.state).toBe('done');
    // It is still told
    expect(after.verdict).toMatchObject({ word: 'failed' });
    expect(say(after.verdict?.words)).toContain('failed and let stand');
    expect(after.failures[0]?.accepted?.data.words).toBe('the switch is taped on');
    // Done again, and failed again: nobody has said anything of that
    log.write('checkDone', { pointId: 'p', check: 'switches', result: 'failed', reason: 'still dies' });
    expect(stand(log).failures[0]?.accepted).toBeNull();
    expect(stand(log).prove?.state).toBe('held');
  });
  it('is gone once it is done again and passes', () => {
    const log = failed().write('checkDone', { pointId: 'p', check: 'switches', result: 'passed' });
    expect(stand(log)).toMatchObject({ failures: [], verdict: null });
    expect(stand(log).prove?.state).toBe('done');
  });
});

describe('a check that is put off', () => {
  const beforeDusk = () => passed(failed(), ({ id }) => id === 'switches');
  const putOff = () => {
    const log = new TestLog()
      .write('siteDescribed', { region: 'na-120' })
      .write('pointAdded', { pointId: 'p', pointKind: 'plugFloodlight', name: 'Yard', boxId: 'b' });
    return passed(log, ({ id }) => id !== 'night').write('checkPutOff', {
      pointId: 'p',
      check: 'night',
      on: '2026-12-01',
      by: 'customer',
    });
  };
  it('blocks nothing, and stays open in sight, also once it is handed over', () => {
    const log = putOff();
    const { prove, worries } = stand(log);
    expect(prove?.state).toBe('done');
    expect(say(prove?.words)).toBe('the picture is good after dusk: 1 December 2026');
    expect(worries).toContain('putOff-night');
    log.write('pointLeft', { pointId: 'p', copyGiven: true, remark: 'night check to come' });
    expect(stand(log).worries).toContain('putOff-night');
    expect(dueOf(log.job)).toMatchObject([{ id: 'check-p-night', when: { on: '2026-12-01' } }]);
  });
  it('is open no more once it was answered, and failed if it failed', () => {
    const log = putOff().write('checkDone', { pointId: 'p', check: 'night', result: 'passed' });
    expect(stand(log).worries).not.toContain('putOff-night');
    expect(dueOf(log.job)).toEqual([]);
    log.write('checkDone', { pointId: 'p', check: 'night', result: 'failed', reason: 'blurred: the film' });
    expect(stand(log).prove?.state).toBe('held');
  });
  it('is asked while it is neither answered nor put off: nothing passes by itself', () => {
    const log = beforeDusk();
    const [night] = Object.entries(log.point.checks).filter(([id]) => id === 'night');
    expect(night).toBeDefined();
    log.write('entryStruck', { target: night?.[1]?.entryId ?? '' });
    expect(stand(log).prove?.state).toBe('inHand');
  });
});

describe('how far a sensor fires', () => {
  it('is predicted only once a camera was chosen', () => {
    expect(sensorBand(failed().job, failed().point)).toBeNull();
  });
});

describe('a circuit that is still off', () => {
  it('leaves Prove open, however many checks are answered', () => {
    const log = new TestLog()
      .write('siteDescribed', { region: 'na-120' })
      .write('pointAdded', { pointId: 'f', pointKind: 'floodlight', name: 'Yard', boxId: 'b' })
      .write('circuitListed', { circuitId: 'c', way: '4', feeds: ['f'] });
    for (const { id: check } of checksOf(log.point))
      log.write('checkDone', { pointId: 'f', check, result: 'skipped', reason: 'no power yet' });
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    const { prove } = stand(log);
    expect(prove?.state).toBe('inHand');
    expect(say(prove?.words)).toBe('its circuit is still off');
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(stand(log).prove?.state).toBe('done');
  });
});

describe('a point that was handed over', () => {
  const all = () =>
    passed(
      new TestLog()
        .write('siteDescribed', { region: 'na-120' })
        .write('pointAdded', { pointId: 'p', pointKind: 'plugFloodlight', name: 'Yard', boxId: 'b' }),
      ({ id }) => id !== 'phoneAway',
    );
  it('is not blamed for a check that nobody asked for then', () => {
    const asked = ['lamps', 'switches'] as const;
    const log = all().write('pointLeft', { pointId: 'p', copyGiven: true, asked: [...asked] });
    expect(checksOf(log.point).map(({ id }) => id)).not.toContain('phoneAway');
    // What was answered all the same is still told
    expect(checksOf(log.point).map(({ id }) => id)).toContain('paired');
    expect(stand(log).prove?.state).toBe('done');
  });
  it('stays open where it was asked for and not answered', () => {
    const log = all();
    const asked = checksOf(log.point).map(({ id }) => id);
    log.write('pointLeft', { pointId: 'p', copyGiven: true, asked });
    expect(stand(log).prove?.state).toBe('inHand');
  });
});
