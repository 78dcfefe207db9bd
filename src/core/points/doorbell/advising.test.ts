import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { startedLog, type TestLog } from '../../job/forTests';
import type { PointAdvice } from './advising';
import { assess } from './assessment';

const pointId = 'p';
const ids = (advice: PointAdvice) => ({
  next: advice.next.map(({ id }) => id),
  idle: advice.idle.map(({ id }) => id),
});
const advise = (log: TestLog): PointAdvice => assess(log.job, log.door, 600).advice();
const door = (chimeKind: 'mechanical' | 'electronic' | 'none' = 'mechanical'): TestLog =>
  startedLog()
    .write('pointDescribed', { pointId, wasThere: 'button', deviceId: 'constant-power' })
    .write('chimeDescribed', { chimeId: pointId, chimeKind })
    .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 9, lengthHighM: 9, awg: 20 })
    .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 7, lengthHighM: 7, awg: 20 });
const plate = (log: TestLog, ratedVolts: number, ratedVa: number): TestLog =>
  log.write('transformerDescribed', { supplyId: pointId, ratedVolts, ratedVa });
const volts = (log: TestLog, low: number, ohms?: number): TestLog =>
  log.write('readingTaken', {
    pointId,
    what: 'volts',
    at: 'transformer',
    state: ohms === undefined ? 'open' : 'resistor',
    low,
    high: low,
    ...(ohms === undefined ? {} : { ohms }),
  });

describe('which reading next', () => {
  it('begins with the plate and the open volts where nothing is known of the source', () => {
    const advice = advise(door());
    expect(ids(advice).next.slice(0, 2)).toEqual(['nameplate', 'openVolts']);
    // That nothing else decides is no reason to be content
    expect(advice.enough).toBe(false);
  });
  it('does not ask again for what was read', () => {
    const log = volts(plate(door(), 16, 20), 19.5);
    const { next, idle } = ids(advise(log));
    expect([...next, ...idle]).not.toContain('nameplate');
    expect([...next, ...idle]).not.toContain('openVolts');
    log.write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 });
    expect([...ids(advise(log)).next, ...ids(advise(log)).idle]).not.toContain('mainsVolts');
  });
  it('comes best first by chance per minute, every chance and its minutes told', () => {
    const { next } = advise(volts(plate(door(), 16, 20), 19.5));
    const worth = next.flatMap(({ chance, minutes }) => (chance === null ? [] : [chance / minutes]));
    expect(worth.length).toBeGreaterThan(0);
    expect([...worth].sort((a, b) => b - a)).toEqual(worth);
    for (const { words, why, minutes } of next) {
      expect(say(words)).not.toBe('');
      expect(minutes).toBeGreaterThan(0);
      expect(say(why)).not.toMatch(/NaN|undefined|about over|about under/);
    }
  });
  it('is enough once a stiff source is known well: no reading would change what is proposed', () => {
    const log = volts(volts(plate(door(), 16, 30), 19.4), 18.1, 22);
    log.write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 });
    const advice = advise(log);
    expect(advice.enough).toBe(true);
    expect(advice.next).toEqual([]);
    expect(ids(advice).idle).toContain('coilOhms');
  });
  it('asks for the running volts only where a device has run', () => {
    const all = (log: TestLog) => [...ids(advise(log)).next, ...ids(advise(log)).idle];
    expect(all(plate(door(), 16, 20))).not.toContain('deviceVolts');
    expect(all(plate(door(), 16, 20).write('pointDescribed', { pointId, wasThere: 'videoDoorbell' }))).toContain(
      'deviceVolts',
    );
  });
  it('asks for no coil of a tune, and for neither coil nor its run where there is no chime', () => {
    const all = (log: TestLog) => [...ids(advise(log)).next, ...ids(advise(log)).idle];
    expect(all(plate(door('electronic'), 16, 20))).not.toContain('coilOhms');
    expect(all(plate(door('electronic'), 16, 20))).toContain('loopToChime');
    const none = all(plate(door('none'), 16, 20));
    expect(none).not.toContain('coilOhms');
    expect(none).not.toContain('loopToChime');
    expect(none).toContain('loopToDoor');
  });
  it('names two readings that can hardly be true together', () => {
    const both = (loaded: number) => advise(volts(volts(plate(door(), 16, 10), 20.5), loaded, 22)).contradictions;
    // Of 20.5 V open some 15 stay under 22 Ω; a source that loses nothing there is none
    const [stiff] = both(20.6);
    expect(stiff?.readings.length).toBeGreaterThan(1);
    expect(stiff?.sigmas).toBeGreaterThan(3);
    expect(both(15.4)).toEqual([]);
  });
});
