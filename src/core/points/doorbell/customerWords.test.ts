import { say } from '@/words/forTests';
import { describe, expect, it } from '@jest/globals';
import { chooseAmong, optionsFor } from '../../advice';
import { startedLog, type TestLog } from '../../job/forTests';
import { pointSteps } from '../planOf';
import { assess } from './assessment';
import { choiceOf } from './choiceOf';
import { customerWords } from './customerWords';

const pointId = 'p';
const found = (chimeKind: 'mechanical' | 'none', deviceId: string): TestLog =>
  startedLog()
    .write('pointDescribed', { pointId, wasThere: 'button', wall: 'brick', deviceId })
    .write('chimeDescribed', { chimeId: pointId, chimeKind })
    .write('transformerDescribed', { supplyId: pointId, ratedVolts: 16, ratedVa: 30 });

function take(
  log: TestLog,
  test: (way: { readonly sounds: boolean; readonly fit: string | null }) => boolean,
): TestLog {
  const { survey, premises, known } = assess(log.job, log.door, 100);
  const { options } = chooseAmong(survey, known.houses, optionsFor(survey, premises), 'soundest');
  const way = options.find(
    ({ forbidden, instead, treatment, transformer }) =>
      !forbidden && !instead && test({ sounds: treatment.sounds, fit: transformer?.fit ?? null }),
  );
  if (!way) throw new Error('no way');
  return log.write('choiceMade', choiceOf(pointId, way, '', say));
}

describe('what the customer is left with in words', () => {
  it('says of nothing that it was fitted before a way is taken, nor before its wires are on', () => {
    const log = found('mechanical', 'constant-power');
    expect(say(customerWords(log.door))).toBe('Nothing was fitted at the front door yet.');
    take(log, ({ sounds, fit }) => sounds && fit === null);
    expect(say(customerWords(log.door))).toMatch(
      /^A video doorbell is to be fitted at the front door; the chime .* rings\./,
    );
    for (const { id, touches } of pointSteps(log.door))
      log.write('stepTicked', { pointId, stepId: id, touches, how: 'done' });
    expect(say(customerWords(log.door))).toMatch(/^A video doorbell was fitted/);
  });
  it('speaks of an old chime only where there is one', () => {
    const silent = take(found('mechanical', 'compact-silent'), ({ sounds }) => !sounds);
    expect(say(customerWords(silent.door))).toContain('rings through a plug-in sounder, the old chime is silent.');
    const none = take(found('none', 'compact-silent'), ({ sounds }) => !sounds);
    expect(say(customerWords(none.door))).toContain('rings through a plug-in sounder.');
    expect(say(customerWords(none.door))).not.toContain('chime');
  });
  it('names the adapter of what plugs in, and no breaker', () => {
    const log = startedLog()
      .write('pointDescribed', { pointId, wasThere: 'nothing', wall: 'brick', deviceId: 'compact-silent' })
      .write('supplyPlanned', {
        supplyId: pointId,
        from: 'adapter',
        segments: [{ way: 'surface', lengthM: 3, holes: 0 }],
      });
    take(log, ({ fit }) => fit === 'plugIn');
    expect(say(customerWords(log.door))).toContain('Leave its adapter in the outlet');
    expect(say(customerWords(log.door))).not.toMatch(/breaker|circuit/);
  });
});
