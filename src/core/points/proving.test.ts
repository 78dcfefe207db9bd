import { say } from '@/words/forTests';
import { describe, expect, it } from '@jest/globals';
import { NOBODY } from '../isolation';
import { TestLog } from '../job/forTests';
import { failuresOf } from './checks';
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
    .write('checkDone', { pointId: 'p', check: 'lamps', result: 'passed' })
    .write('checkDone', { pointId: 'p', check: 'aimStill', result: 'passed' })
    .write('checkDone', { pointId: 'p', check: 'switches', result: 'failed', reason: 'dies with the hall’s switch' });
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

describe('a circuit that is still off', () => {
  it('leaves Prove open, however many checks are answered', () => {
    const log = new TestLog()
      .write('siteDescribed', { region: 'na-120' })
      .write('pointAdded', { pointId: 'f', pointKind: 'floodlight', name: 'Yard', boxId: 'b' })
      .write('circuitListed', { circuitId: 'c', way: '4', feeds: ['f'] });
    for (const check of ['lamps', 'switches', 'aimStill'] as const)
      log.write('checkDone', { pointId: 'f', check, result: 'skipped', reason: 'no power yet' });
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    const { prove } = stand(log);
    expect(prove?.state).toBe('inHand');
    expect(say(prove?.words)).toBe('its circuit is still off');
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(stand(log).prove?.state).toBe('done');
  });
});
