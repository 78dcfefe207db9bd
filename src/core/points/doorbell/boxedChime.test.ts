import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { startedLog, type TestLog } from '../../job/forTests';
import { assess, isFeedKnown } from './assessment';
import { surveyOf } from './survey';

const pointId = 'p';
const at = (lengthM: number): TestLog =>
  startedLog()
    .write('siteDescribed', { region: 'gb-230' })
    .write('pointDescribed', {
      pointId,
      wasThere: 'button',
      wall: 'brick',
      leadReachM: 0.1,
      deviceId: 'compact-silent',
    })
    .write('chimeDescribed', { chimeId: pointId, chimeKind: 'boxedMains', place: 'hall' })
    .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: lengthM, lengthHighM: lengthM, mm2: 0.5 });

describe('a chime boxed with its transformer', () => {
  it('asks nothing of what goes: no plate, no open volts, no coil, no wire between the two', () => {
    const { job, door } = at(6);
    const { next, idle } = assess(job, door, 400).advice();
    expect([...next, ...idle].map(({ id }) => id)).toEqual(['loopToDoor']);
    expect(surveyOf(job, door).runs.toChime.lengthM).toEqual({ low: 0, high: 0 });
  });
  it('asks for no plate even where its wire decides', () => {
    const log = at(6).write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 200, lengthHighM: 1200, mm2: 0.5 });
    const { next } = assess(log.job, log.door, 400).advice();
    expect(next.map(({ id }) => id)).toEqual(['loopToDoor']);
  });
  it('speaks of the way that leads, with a new transformer, before anything is read', () => {
    const { job, door } = at(6);
    const assessment = assess(job, door, 400);
    const { reference } = assessment;
    expect(inWords(reference, say)).toMatchObject({ chosen: false, treatment: { id: 'boxedReplaced' } });
    expect(say(reference.words)).toMatch(/^what leads so far: .*boxed chime replaced$/);
    expect(say(reference.words)).not.toContain('keep');
    expect(isFeedKnown(assessment)).toBe(true);
    expect(say(assess(at(500).job, at(500).door, 400).reference.words)).toMatch(/wire pulled anew$/);
    expect(['holds', 'tight']).toContain(reference.judgement.verdict);
  });
  it('says how far off the nearest way is where none can be trusted', () => {
    const { job, door } = at(4000);
    expect(assess(job, door, 400).reference.judgement.verdict).toBe('fails');
  });
});
