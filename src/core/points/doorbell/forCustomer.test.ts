import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { chooseAmong, optionsFor } from '../../advice';
import { startedLog, type TestLog } from '../../job/forTests';
import { pointSteps } from '../planOf';
import { assess } from './assessment';
import { choiceOf } from './choiceOf';
import { doorForCustomer } from './forCustomer';

const pointId = 'p';
const stands = ({ door }: TestLog): string => doorForCustomer(door).stands.map(say).join(' ');
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
    expect(stands(log)).toBe('Nothing was fitted at the front door yet.');
    take(log, ({ sounds, fit }) => sounds && fit === null);
    expect(stands(log)).toMatch(/^The video doorbell at the front door is to be fitted: .* Your chime still rings\./);
    for (const { id, touches } of pointSteps(log.door))
      log.write('stepTicked', { pointId, stepId: id, touches, how: 'done' });
    expect(stands(log)).toMatch(/^The video doorbell at the front door was fitted/);
  });
  it('speaks of an old chime only where there is one', () => {
    const silent = take(found('mechanical', 'compact-silent'), ({ sounds }) => !sounds);
    expect(stands(silent)).toContain('rings through a plug-in sounder; the old chime stays on the wall and is silent.');
    const none = take(found('none', 'compact-silent'), ({ sounds }) => !sounds);
    expect(stands(none)).toContain('rings through a plug-in sounder.');
    expect(stands(none)).not.toContain('chime');
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
    expect(stands(log)).toContain('An adapter in its outlet is to feed the doorbell: leave it in.');
    expect(stands(log)).not.toMatch(/breaker|circuit/);
  });
});
