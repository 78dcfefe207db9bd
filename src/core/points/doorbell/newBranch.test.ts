import { sayBritish as say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { chooseAmong, optionsFor } from '../../advice';
import { TestLog, asDoor } from '../../job/forTests';
import { leadsAt } from '../../wiring';
import { findingsOf } from '../findings';
import { partsOf } from '../parts';
import { planOf } from '../planOf';
import { assess } from './assessment';
import { choiceOf } from './choiceOf';

/** Two doors where there never was a bell, both on a plug-in adapter that the first one’s plan puts in. */
function twoDoors(): TestLog {
  const log = new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('pointAdded', { pointId: 'f', pointKind: 'doorbell', name: 'Front', supplyId: 's', chimeId: 'c' })
    .write('pointAdded', { pointId: 'b', pointKind: 'doorbell', name: 'Back', supplyId: 's', chimeId: 'd' })
    .write('supplyPlanned', {
      supplyId: 's',
      from: 'adapter',
      segments: [{ way: 'surface', lengthM: 5, holes: 1 }],
    });
  for (const pointId of ['f', 'b'])
    log.write('pointDescribed', { pointId, wasThere: 'nothing', wall: 'brick', deviceId: 'compact-silent' });
  return log.write('runDescribed', { pointId: 'b', run: 'toDoor', lengthLowM: 9, lengthHighM: 9, mm2: 0.75 });
}
const doorOf = (log: TestLog, id: string) => asDoor(log.job.points.find((point) => point.id === id));
function take(log: TestLog, id: string): TestLog {
  const { survey, premises, known } = assess(log.job, doorOf(log, id), 200);
  const options = chooseAmong(survey, known.houses, optionsFor(survey, premises), 'soundest').options;
  const way = options.find(({ forbidden, instead }) => !forbidden && !instead);
  if (!way) throw new Error('no way');
  return log.write('choiceMade', choiceOf(id, way, '', say));
}

describe('a second door on a supply that is still to be made', () => {
  const log = take(take(twoDoors(), 'f'), 'b');
  const steps = (id: string) => planOf(doorOf(log, id))?.steps ?? [];
  it('lays a cable of its own, and puts in no adapter a second time', () => {
    expect(steps('f').map(({ id }) => id)).toContain('supply-adapter');
    expect(steps('b').map(({ id }) => id)).not.toContain('supply-adapter');
    expect(say(steps('b')[0]?.words)).toBe('New bell cable from the supply to this door, 9.0 m');
    expect(partsOf(log.job, doorOf(log, 'b')).map(say).join()).not.toContain('adapter');
  });
  it('finds nothing at its door to be taken off, and ends with the device on its own cable', () => {
    const plan = planOf(doorOf(log, 'b'));
    expect(plan?.found.leads).toEqual([]);
    for (const screw of ['D1', 'D2'])
      expect(plan && leadsAt(plan.planned, `device.${screw}`).map(({ run }) => run)).toEqual(['toDoor']);
    expect(findingsOf(log.job, doorOf(log, 'b')).planned.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  it('does not take the first door’s route for its own way', () => {
    const { survey } = assess(log.job, doorOf(log, 'b'), 200);
    expect(survey.runs.toDoor.lengthM).toEqual({ low: 9, high: 9 });
    const bare = take(
      twoDoors().write('runDescribed', { pointId: 'b', run: 'toDoor', lengthLowM: null, lengthHighM: null, mm2: null }),
      'f',
    );
    expect(assess(bare.job, doorOf(bare, 'b'), 200).survey.runs.toDoor.lengthM).toBeNull();
    expect(assess(bare.job, doorOf(bare, 'f'), 200).survey.runs.toDoor.lengthM).toEqual({ low: 5, high: 5 });
  });
});
