import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { EntryData } from '../kinds/register';
import { DEAD_MAINS } from '../isolation/forTests';
import { TestLog, TOMAS } from '../job/forTests';
import { unnamedFeed } from '../points/supplyOf';
import { mayBeOneWay, wayKeys } from './breakers';

const onOne = (one: string, other: string): boolean =>
  mayBeOneWay({ way: one, board: null }, { way: other, board: null });

describe('the name of a way', () => {
  it.each([
    ['7', 'breaker 7'],
    ['7', ' 07 '],
    ['Way 7', 'way 7.'],
    ['No. 7', '#7'],
    ['MCB7', '7'],
    ['7', '7A'],
    ['7a', '7 A'],
    ['7 and 9', 'breaker 9'],
    ['box 7', '7'],
    ['panel 2 breaker 7', '7'],
    ['spur, garage', 'Spur garage'],
  ])('takes %s and %s for what may be one', (one, other) => {
    expect(onOne(one, other)).toBe(true);
    expect(onOne(other, one)).toBe(true);
  });
  it.each([
    ['7', '17'],
    ['7', '70'],
    ['7A', '7B'],
    ['panel 7 breaker 2', '7'],
    ['spur, garage', 'spur, hall'],
    ['7', 'spur'],
    ['', ''],
  ])('knows %s from %s', (one, other) => expect(onOne(one, other)).toBe(false));
  it('asks for the board where both are said', () => {
    expect(mayBeOneWay({ way: '7', board: 'Garage' }, { way: '7', board: 'cellar' })).toBe(false);
    expect(mayBeOneWay({ way: '7', board: 'Garage' }, { way: '7', board: ' garage ' })).toBe(true);
    expect(mayBeOneWay({ way: '7', board: 'Garage' }, { way: '7', board: null })).toBe(true);
  });
  it('is alike to itself however it is cased and spaced', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[A-Za-z0-9 ]{1,12}$/), (text) => {
        expect(wayKeys(` ${text.toUpperCase()}  `)).toEqual(wayKeys(text.toLowerCase()));
      }),
      { seed: 41 },
    );
  });
});

const mains = (circuitId: string): EntryData<'deadProved'> => ({
  circuitId,
  placeId: circuitId === 'c' ? 'yard' : 'gate',
  ...DEAD_MAINS,
});

/** Two floodlights; the yard’s circuit is off, tagged and proved dead. */
const yardDead = (): TestLog =>
  new TestLog()
    .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard' })
    .write('pointAdded', { pointId: 'gate', pointKind: 'floodlight', name: 'Gate' })
    .write('circuitListed', {
      circuitId: 'c',
      way: 'breaker 7',
      feeds: ['yard'],
      sharedNeutral: 'no',
      otherInBox: 'no',
    })
    .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' })
    .write('deadProved', mains('c'));
const atGate = (log: TestLog, way = '07'): TestLog =>
  log.write('circuitListed', { circuitId: 'd', way, feeds: ['gate'], sharedNeutral: 'no', otherInBox: 'no' });
const stateOf = (log: TestLog, id = 'c'): string | undefined =>
  log.job.circuits.find(({ ids }) => ids.includes(id))?.state.state;
const SAME = { circuitId: 'c', otherId: 'd', same: 'yes' } as const;

describe('one breaker that was named at two points', () => {
  it('is at once one for what ends a proof, and shares nothing before it was said to be one', () => {
    const log = atGate(yardDead());
    expect(stateOf(log)).toBe('provedDead');
    expect(stateOf(log, 'd')).toBe('unknown');
    expect(log.job.circuits.map(({ toCompare }) => toCompare)).toEqual([['d'], ['c']]);
    log.write('circuitSwitched', { circuitId: 'd', to: 'on' }, TOMAS);
    expect(stateOf(log)).toBe('unknown');
  });
  it.each([
    ['switched off there', { to: 'off', tagged: true, guard: 'locked' }, 'off'],
    ['switched on there', { to: 'on' }, 'unknown'],
  ] as const)('ends the proof when it is %s', (_name, switched, state) => {
    const log = atGate(yardDead()).write('circuitSwitched', { circuitId: 'd', ...switched });
    expect(stateOf(log)).toBe(state);
  });
  it('ends the proof by a sign of life there, also one that was struck again', () => {
    const log = atGate(yardDead()).write('hintNoted', { circuitId: 'd', hint: 'lampLit' });
    expect(stateOf(log)).toBe('unknown');
    log.write('entryStruck', { target: log.last });
    expect(stateOf(log)).toBe('off');
  });
  it('does not end it where another way is named, or the same way of another board', () => {
    const other = atGate(yardDead(), '8').write('circuitSwitched', { circuitId: 'd', to: 'on' });
    expect(stateOf(other)).toBe('provedDead');
    const board = yardDead().write('circuitListed', { circuitId: 'c', board: 'house' });
    atGate(board).write('circuitListed', { circuitId: 'd', board: 'garage' });
    board
      .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' })
      .write('deadProved', mains('c'));
    board.write('circuitSwitched', { circuitId: 'd', to: 'on' });
    // It was named without its board first: until then it might have been the same
    expect(stateOf(board)).toBe('unknown');
  });
  it('gives no proof to the other by being off or proved there', () => {
    const log = atGate(yardDead());
    log
      .write('circuitSwitched', { circuitId: 'd', to: 'off', tagged: true, guard: 'locked' })
      .write('deadProved', mains('d'));
    expect(stateOf(log, 'd')).toBe('provedDead');
    expect(stateOf(log)).toBe('off');
  });
  it('is one circuit once somebody said so, with both feeds and no proof of either', () => {
    const log = atGate(yardDead()).write('circuitsCompared', SAME);
    expect(log.job.circuits).toHaveLength(1);
    expect(log.job.circuits[0]).toMatchObject({
      id: 'c',
      ids: ['c', 'd'],
      way: 'breaker 7',
      feeds: ['yard', 'gate'],
      toCompare: [],
    });
    expect(stateOf(log)).toBe('off');
    log.write('deadProved', mains('d'));
    expect(stateOf(log)).toBe('provedDead');
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(stateOf(log, 'd')).toBe('live');
  });
  it('gives no proof back when the answer is struck', () => {
    const log = atGate(yardDead()).write('circuitsCompared', SAME);
    log.write('entryStruck', { target: log.last });
    expect(log.job.circuits).toHaveLength(2);
    expect(stateOf(log)).toBe('off');
  });
  it('asks no more after a no, and goes on being careful', () => {
    const log = atGate(yardDead()).write('circuitsCompared', { ...SAME, same: 'no' });
    expect(log.job.circuits.map(({ toCompare }) => toCompare)).toEqual([[], []]);
    expect(stateOf(log)).toBe('provedDead');
    log.write('circuitSwitched', { circuitId: 'd', to: 'on' });
    expect(stateOf(log)).toBe('unknown');
  });
  it('is no second circuit in a box that has two', () => {
    const log = yardDead().write('circuitListed', { circuitId: 'c', otherInBox: 'yes' });
    log.write('circuitListed', { circuitId: 'd', way: '7', feeds: ['yard'] });
    const [yard] = log.job.points;
    if (!yard) throw new Error('no point');
    expect(unnamedFeed(log.job, yard)).toBe('inBox');
    log.write('circuitListed', { circuitId: 'e', way: '12', feeds: ['yard'] });
    expect(unnamedFeed(log.job, log.job.points[0] ?? yard)).toBeNull();
  });
});

describe('whatever is written of two names of one breaker', () => {
  const act = fc.constantFrom<(log: TestLog) => unknown>(
    (log) => log.write('circuitSwitched', { circuitId: 'd', to: 'on' }),
    (log) => log.write('circuitSwitched', { circuitId: 'd', to: 'off', tagged: true, guard: 'locked' }),
    (log) => log.write('deadProved', mains('d')),
    (log) => log.write('hintNoted', { circuitId: 'd', hint: 'penBeeps' }),
    (log) => log.write('circuitListed', { circuitId: 'd', way: '12' }),
    (log) => log.write('circuitsCompared', SAME),
    (log) => log.write('entryStruck', { target: log.last }),
  );
  it('never makes a circuit dead that its own log would not', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 10 }), (acts) => {
        const log = atGate(yardDead());
        for (const one of acts) one(log);
        // The same log with what was said of the other name left out, and the answers with it
        const own = new TestLog();
        own.entries.push(...log.entries.filter(({ data }) => !('circuitId' in data) || data.circuitId === 'c'));
        if (log.job.circuits.length === 2 && stateOf(log) === 'provedDead')
          expect(own.job.circuits.find(({ id }) => id === 'c')?.state.state).toBe('provedDead');
      }),
      { seed: 42, numRuns: 300 },
    );
  });
});
