import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { deviceById } from '../catalogue';
import { assess } from './doorbell/assessment';
import { asked, startedLog, type TestLog, TOMAS } from '../job/forTests';
import { huntOf, huntWays, wayText } from './hunting';
import { nextMove } from './nextMove';

const device = deviceById('constant-power');
if (!device) throw new Error('no device');

describe('a hunt in a job', () => {
  const board = () =>
    startedLog()
      .write('boardListed', { boardId: 'main', ways: 4 })
      .write('wayListed', { boardId: 'main', way: '1', label: 'Hall lights' })
      .write('wayListed', { boardId: 'main', way: '4', label: 'Freezer', doNotDrop: true, why: 'full' });
  it('has no board until one is listed', () => {
    const log = startedLog();
    expect(huntOf(log.job, log.point).state).toBe('noBoard');
  });
  it('drops likely ways first, never a kept one, and re-plans after an answer', () => {
    const log = board();
    const first = huntOf(log.job, log.point);
    if (first.state !== 'hunting') throw new Error(first.state);
    expect(first.drop).toContain('main/1');
    expect(first.drop).not.toContain('main/4');
    log.write('huntTested', { pointId: 'p', dropped: ['main/1'], died: false });
    const second = huntOf(log.job, log.point);
    if (second.state !== 'hunting') throw new Error(second.state);
    expect(second.left.map(({ id }) => id)).not.toContain('main/1');
    expect(second.expectedTests).toBeLessThan(first.expectedTests + 1);
  });
  it('finds by elimination, takes an answer back, and names a contradiction', () => {
    const log = board()
      .write('huntTested', { pointId: 'p', dropped: ['main/1', 'main/2'], died: true })
      .write('huntTested', { pointId: 'p', dropped: ['main/1'], died: false });
    expect(huntOf(log.job, log.point)).toMatchObject({ state: 'found', found: 'main/2' });
    log.write('huntTested', { pointId: 'p', dropped: ['main/2'], died: false });
    expect(huntOf(log.job, log.point).state).toBe('contradicts');
    log.write('entryStruck', { target: log.last });
    expect(huntOf(log.job, log.point)).toMatchObject({ state: 'found', found: 'main/2' });
  });
  it('ends at “by agreement only” and at another board', () => {
    const all = { pointId: 'p', dropped: ['main/1', 'main/2', 'main/3'], died: false };
    const log = board().write('huntTested', all);
    expect(huntOf(log.job, log.point)).toMatchObject({
      state: 'agreementOnly',
      byAgreement: ['main/4', '(elsewhere)'],
    });
    log.write('wayListed', { boardId: 'main', way: '4', agreed: true });
    expect(huntOf(log.job, log.point)).toMatchObject({ state: 'hunting', drop: ['main/4'] });
    log.write('huntTested', { pointId: 'p', dropped: ['main/4'], died: false });
    expect(huntOf(log.job, log.point).state).toBe('elsewhere');
    log.write('boardListed', { boardId: 'garage', name: 'Garage', ways: 2 });
    expect(huntOf(log.job, log.point)).toMatchObject({ state: 'hunting' });
    expect(huntWays(log.job, log.point).map(({ id }) => id)).toContain('garage/2');
    const way = log.job.boards[1]?.ways[1];
    expect(say(way && wayText(log.job, way))).toBe('breaker 2, Garage');
  });
  it('weighs lighting more once the bell was seen to die with a light', () => {
    const share = (log: TestLog): number => {
      const hunt = huntOf(log.job, log.point);
      return 'left' in hunt ? (hunt.left.find(({ id }) => id === 'main/1')?.probability ?? 0) : 0;
    };
    const before = share(board());
    expect(share(board().write('switchTried', { supplyId: 'p', name: 'hall', bellDies: true }))).toBeGreaterThan(
      before,
    );
  });
});

describe('the next move of a hunt', () => {
  it('names the ways to drop', () => {
    const log = startedLog()
      .write('boardListed', { boardId: 'main', ways: 3 })
      .write('huntPlanned', { pointId: 'p', people: 1 });
    const moveWords = (): string => {
      const { job, door: point } = log;
      return say(nextMove({ ...job }, { ...point, choice: CHOICE }, assess(job, point, 100), asked('ines')).words);
    };
    expect(moveWords()).toMatch(/^Drop breaker/);
    log.write('circuitListed', { circuitId: 'c', way: 'breaker 2', feeds: ['p'] });
    expect(moveWords()).toBe('Switch off breaker 2 and tag it');
  });
});

const CHOICE = {
  entryId: 'x',
  by: TOMAS,
  at: '2026-03-04T09:00:00Z',
  data: {
    pointId: 'p',
    device,
    transformer: null,
    treatmentId: 'powerModule',
    joinPairs: false,
    reason: null,
    verdict: 'holds' as const,
    belief: 1,
    governing: 'liveNight' as const,
    governingVolts: 16,
    marginVolts: 1.5,
  },
};
