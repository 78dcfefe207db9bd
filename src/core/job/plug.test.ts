import { describe, expect, it } from 'vitest';
import { stepGate, type Asker } from '../isolation';
import { DEAD_BELL } from '../isolation/forTests';
import { isAskedOfPlug, planOf, plugAt, type Doorbell } from '../points';
import { BARE_CONTEXT, EMPTY_WIRING, checkWiring, leadsAt } from '../wiring';
import { TestLog, asDoor, asked as askedAt, timeOf, withTransformer } from './forTests';
import type { Job } from './job';

const nowOf = ({ entries }: TestLog): number => Date.parse(timeOf(entries.length));
const asked = (id: string, log: TestLog, later = 0): Asker => askedAt(id, nowOf(log) + later);

/** A door whose transformer was found to plug into an outlet. */
const plugged = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120' })
    .write('pointAdded', {
      pointId: 'd',
      pointKind: 'doorbell',
      name: 'Front',
      supplyId: 's',
      chimeId: 'c',
      boxId: 'b',
    })
    .write('transformerDescribed', { supplyId: 's', foundAt: 'closet', plugged: 'yes' });
const door = ({ points }: Job): Doorbell => asDoor(points.find(({ id }) => id === 'd'));
const bell = (log: TestLog, who: Asker = asked('ines', log)) => {
  const { job } = log;
  return stepGate(
    job.isolation,
    {
      touches: 'bell',
      role: 'work',
      placeId: 's',
      supplyId: 's',
      bellSide: job.policy.bellSide,
      plug: door(job).fed.plug,
      breaker: door(job).fed.breaker,
    },
    who,
  );
};
const out = (log: TestLog): TestLog => log.write('plugSeen', { supplyId: 's', out: true });

describe('a supply that plugs in', () => {
  it('is dead for whoever saw its plug out of its outlet, and no breaker is asked for', () => {
    expect(bell(plugged())).toEqual(['plugNotOut']);
    const log = out(plugged());
    expect(bell(log)).toEqual([]);
    expect(plugAt(log.job, door(log.job))).toMatchObject({ state: 'out', since: { byId: 'ines' } });
    // Whoever else works there looks too
    expect(bell(log, asked('tomas', log))).toEqual(['plugByAnother']);
  });
  it.each<[string, (log: TestLog) => TestLog]>([
    ['put in again', (log) => log.write('plugSeen', { supplyId: 's', out: false })],
    [
      'volts at the transformer',
      (log) =>
        log.write('readingTaken', { pointId: 'd', what: 'volts', at: 'transformer', state: 'open', low: 17, high: 17 }),
    ],
    ['a check that is lit', (log) => log.write('checkDone', { pointId: 'd', check: 'lit', result: 'passed' })],
    ['a change of the person', (log) => log.write('personChanged', { fromId: 'tomas' })],
    ['somebody who was away', (log) => log.write('cameBack', {})],
    ['a further transformer', (log) => log.write('transformerDescribed', { supplyId: 's', joined: 'yes' })],
    ['a strike of the sight', (log) => log.write('entryStruck', { target: log.last })],
  ])('is not dead any more after %s', (_, then) => {
    const log = then(out(plugged()));
    expect(bell(log)).toContain('plugNotOut');
  });
  it('is asked about after an absence, and held by high volts on its bell side', () => {
    const log = out(plugged());
    const later = asked('ines', log, 21 * 60_000);
    expect(bell(log, later)).toEqual(['wasAway']);
    expect(isAskedOfPlug(log.job, later)).toBe(true);
    expect(isAskedOfPlug(log.job, asked('ines', log))).toBe(false);
    const high = out(
      plugged().write('readingTaken', {
        pointId: 'd',
        what: 'volts',
        at: 'transformer',
        state: 'open',
        low: 118,
        high: 118,
      }),
    );
    expect(bell(high)).toEqual(['bellIsMains']);
  });
  it('with a second transformer joined on asks for that one’s circuit, dead on its bell side', () => {
    const log = out(plugged().write('transformerDescribed', { supplyId: 's', joined: 'yes' }));
    expect(bell(log)).toEqual(['joined']);
    log.write('circuitListed', { circuitId: 'c4', way: '4', feeds: ['d'], namedAs: ['joined'] });
    expect(bell(out(log))).toEqual(['unknown']);
    log
      .write('circuitSwitched', { circuitId: 'c4', to: 'off', tagged: true })
      .write('deadProved', { circuitId: 'c4', placeId: 's', ...DEAD_BELL });
    expect(bell(log)).toEqual([]);
  });
  it('is one in a chime’s own housing in no case', () => {
    const log = plugged().write('chimeDescribed', { chimeId: 'c', chimeKind: 'boxedMains' });
    expect(door(log.job).fed).toMatchObject({ plug: null, breaker: true });
  });
  it('has no mains side: of a new one on a circuit that is made after the old one is away', () => {
    const take = (fit: 'plugIn' | 'onBox') => {
      const { job } = plugged().write('choiceMade', withTransformer('d', fit));
      const plan = planOf(door(job));
      return { fed: door(job).fed, steps: plan?.steps ?? [], planned: plan?.planned ?? EMPTY_WIRING };
    };
    const adapter = take('plugIn');
    expect(adapter.fed).toMatchObject({ plug: 'found', breaker: false });
    expect(adapter.steps.filter(({ touches }) => touches === 'mains')).toEqual([]);
    expect(adapter.steps.slice(0, 2).map(({ id }) => id)).toEqual(['adapter-read', 'plug-out']);
    expect(adapter.planned.parts.map(({ id }) => id)).not.toContain('old');
    const onBox = take('onBox');
    expect(onBox.fed).toMatchObject({ plug: 'found', breaker: true });
    const ids = onBox.steps.map(({ id }) => id);
    expect(ids.indexOf('plug-away')).toBeLessThan(ids.indexOf('mains-open'));
    expect(onBox.planned.parts.map(({ id }) => id)).not.toContain('old');
    // The house’s hot and the new one’s in one splice, the bell wires under its pair
    expect(leadsAt(onBox.planned, 'splice.hot').map(({ id }) => id)).toEqual(['house.hot', 'new.hot']);
    expect(leadsAt(onBox.planned, 'new.S1')).toHaveLength(1);
    expect(checkWiring(onBox.planned, BARE_CONTEXT).filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});
