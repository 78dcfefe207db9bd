import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { circuitState, type CircuitEvent, type Mark } from './circuitState';
import { stepGate } from './gate';
import { proofProblem, type BellProof, type MainsProof } from './proof';

const mark = (byId = 'ines'): Mark => ({ byId, byName: byId, at: '2026-03-04T10:00:00Z' });
const bell: BellProof = {
  weight: 'bell',
  betweenVolts: 0.1,
  firstToEarthVolts: 0,
  secondToEarthVolts: 0.2,
  meterMainsRated: true,
  dry: true,
};
const mains: MainsProof = {
  weight: 'mains',
  hotNeutralVolts: 0,
  hotGroundVolts: 0,
  neutralGroundVolts: 0,
  everyConductor: true,
  triedBefore: true,
  triedAfter: true,
  locked: true,
};
const off: CircuitEvent = { what: 'switched', to: 'off', tagged: true, mark: mark(), counts: true };
const on: CircuitEvent = { what: 'switched', to: 'on', tagged: false, mark: mark(), counts: true };
const proved = (proof: BellProof | MainsProof = bell, by = 'ines'): CircuitEvent => ({
  what: 'proved',
  proof,
  mark: mark(by),
  counts: true,
});

describe('proof of dead', () => {
  it('takes at most 1 V between the leads and from each to earth', () => {
    expect(proofProblem(bell)).toBeNull();
    expect(proofProblem({ ...bell, secondToEarthVolts: 1.4 })).toBe('stillLive');
    expect(proofProblem({ ...bell, betweenVolts: 18 })).toBe('stillLive');
    expect(proofProblem({ ...bell, firstToEarthVolts: 118 })).toBe('treatAsMains');
    expect(proofProblem({ ...bell, betweenVolts: NaN })).toBe('treatAsMains');
    expect(proofProblem({ ...bell, meterMainsRated: false })).toBe('meterNotMainsRated');
    expect(proofProblem({ ...bell, dry: false })).toBe('notDry');
  });
  it('asks all of it on mains', () => {
    expect(proofProblem(mains)).toBeNull();
    expect(proofProblem({ ...mains, neutralGroundVolts: 12 })).toBe('stillLive');
    expect(proofProblem({ ...mains, everyConductor: false })).toBe('notEveryConductor');
    expect(proofProblem({ ...mains, triedAfter: false })).toBe('testerNotTried');
    expect(proofProblem({ ...mains, locked: false })).toBe('notLocked');
  });
});

describe('state of a circuit', () => {
  it('is not known at arrival, off when switched, dead when proved', () => {
    expect(circuitState([]).state).toBe('unknown');
    expect(circuitState([off]).state).toBe('off');
    expect(circuitState([off, proved()]).state).toBe('provedDead');
    expect(circuitState([off, proved(), on]).state).toBe('live');
    expect(circuitState([off, proved(), on, off]).state).toBe('off');
  });
  it('takes no proof on a circuit that is on, unknown or not tagged', () => {
    expect(circuitState([proved()]).state).toBe('unknown');
    expect(circuitState([on, proved()]).state).toBe('live');
    expect(circuitState([{ ...off, tagged: false }, proved()]).state).toBe('off');
    expect(circuitState([off, proved({ ...bell, betweenVolts: 17 })]).state).toBe('off');
  });
  it('never brings a proof back by a strike', () => {
    const struckOn = { ...on, counts: false } as CircuitEvent;
    const strike: CircuitEvent = { what: 'tampered', mark: mark(), counts: true };
    expect(circuitState([off, proved(), struckOn, strike]).state).toBe('off');
    expect(circuitState([off, proved(), strike]).state).toBe('off');
  });
  it('ends a mains proof, and not a bell proof, when somebody comes back', () => {
    const back: CircuitEvent = { what: 'cameBack', mark: mark(), counts: true };
    expect(circuitState([off, proved(bell), proved(mains), back])).toMatchObject({
      mains: null,
      bell: { weight: 'bell' },
    });
    expect(circuitState([off, proved(mains), back]).state).toBe('off');
  });
  it('reaches “proved dead” only through a valid proof that nothing followed', () => {
    const anyEvent = fc.oneof(
      fc.constantFrom<CircuitEvent>(off, on, { ...off, tagged: false } as CircuitEvent, proved(), proved(mains)),
      fc.constantFrom<CircuitEvent>(
        proved({ ...bell, betweenVolts: 9 }),
        { what: 'tampered', mark: mark(), counts: true },
        { what: 'wayChanged', mark: mark(), counts: true },
        { what: 'cameBack', mark: mark(), counts: true },
      ),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(anyEvent, fc.boolean()), { maxLength: 14 }), (list) => {
        const events = list.map(([event, counts]) => ({ ...event, counts }));
        if (circuitState(events).state !== 'provedDead') return;
        const lastOther = events.findLastIndex((event) => event.what !== 'proved' && event.what !== 'cameBack');
        const base = events.filter(
          (event) => event.counts && (event.what === 'switched' || event.what === 'wayChanged'),
        );
        expect(base.at(-1)).toMatchObject({ what: 'switched', to: 'off', tagged: true });
        const after = events.slice(lastOther + 1);
        expect(
          after.some((event) => event.what === 'proved' && event.counts && proofProblem(event.proof) === null),
        ).toBe(true);
      }),
      { seed: 21, numRuns: 2000 },
    );
  });
});

describe('the gate', () => {
  const dead = circuitState([off, proved(bell)]);
  it('opens a bell step on a bell proof, whoever made it', () => {
    expect(stepGate('bell', dead, 'tomas')).toEqual({ open: true });
    expect(stepGate('nothing', null, null)).toEqual({ open: true });
  });
  it('holds everything else', () => {
    expect(stepGate('bell', null, 'ines')).toMatchObject({ reason: 'noCircuit' });
    expect(stepGate('bell', circuitState([]), 'ines')).toMatchObject({ reason: 'unknown' });
    expect(stepGate('bell', circuitState([on]), 'ines')).toMatchObject({ reason: 'live' });
    expect(stepGate('bell', circuitState([off]), 'ines')).toMatchObject({ reason: 'notProved' });
    expect(stepGate('mains', dead, 'ines')).toMatchObject({ reason: 'noMainsProof' });
  });
  it('opens a mains step only for the person who proved it', () => {
    const heavy = circuitState([off, proved(mains)]);
    expect(stepGate('mains', heavy, 'ines')).toEqual({ open: true });
    expect(stepGate('mains', heavy, 'tomas')).toMatchObject({ reason: 'provedByAnother' });
    expect(stepGate('bell', heavy, 'ines')).toMatchObject({ reason: 'notProved' });
  });
});
