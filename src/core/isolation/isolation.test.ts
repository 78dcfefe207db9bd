import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { circuitState, type CircuitEvent, type CircuitState, type Mark } from './circuitState';
import { DEAD_BELL, DEAD_MAINS } from './forTests';
import { stepGate, type Supply } from './gate';
import { proofProblem, type BellProof, type MainsProof } from './proof';

const mark = (byId = 'ines'): Mark => ({ byId, byName: byId, at: '2026-03-04T10:00:00Z' });
const bell = DEAD_BELL;
const mains = DEAD_MAINS;
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
    // A figure that is none proves nothing
    for (const pair of ['hotNeutralVolts', 'hotGroundVolts', 'neutralGroundVolts'] as const)
      expect(proofProblem({ ...mains, [pair]: NaN })).toBe('stillLive');
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
        { what: 'signOfLife', mark: mark(), counts: true },
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

describe('the whole table of the state machine', () => {
  const life: CircuitEvent = { what: 'signOfLife', mark: mark(), counts: true };
  const way: CircuitEvent = { what: 'wayChanged', mark: mark(), counts: true };
  const back: CircuitEvent = { what: 'cameBack', mark: mark(), counts: true };
  const starts: Readonly<Record<string, readonly CircuitEvent[]>> = {
    unknown: [],
    live: [on],
    loose: [{ ...off, tagged: false }],
    off: [off],
    bellDead: [off, proved(bell)],
    mainsDead: [off, proved(mains)],
  };
  const table: readonly (readonly [keyof typeof starts, string, CircuitEvent, string])[] = [
    ['unknown', 'switched on', on, 'live'],
    ['unknown', 'switched off and tagged', off, 'off'],
    ['unknown', 'a bell proof', proved(bell), 'unknown'],
    ['unknown', 'a mains proof', proved(mains), 'unknown'],
    ['live', 'switched off and tagged', off, 'off'],
    ['live', 'a bell proof', proved(bell), 'live'],
    ['live', 'a mains proof', proved(mains), 'live'],
    ['live', 'a sign of life', life, 'unknown'],
    ['loose', 'a bell proof', proved(bell), 'off'],
    ['loose', 'a mains proof', proved(mains), 'off'],
    ['off', 'switched on', on, 'live'],
    ['off', 'a bell proof', proved(bell), 'provedDead'],
    ['off', 'a mains proof', proved(mains), 'provedDead'],
    ['off', 'another way named', way, 'unknown'],
    ['off', 'a sign of life', life, 'unknown'],
    ['off', 'somebody came back', back, 'off'],
    ['bellDead', 'switched on', on, 'live'],
    ['bellDead', 'switched off once more', off, 'off'],
    ['bellDead', 'somebody came back', back, 'provedDead'],
    ['bellDead', 'a sign of life', life, 'unknown'],
    ['bellDead', 'another way named', way, 'unknown'],
    ['mainsDead', 'switched on', on, 'live'],
    ['mainsDead', 'somebody came back', back, 'off'],
    ['mainsDead', 'a sign of life', life, 'unknown'],
    ['mainsDead', 'a bell proof beside it', proved(bell), 'provedDead'],
  ];
  it.each(table)('%s, then %s', (start, _what, event, ends) => {
    expect(circuitState([...(starts[start] ?? []), event]).state).toBe(ends);
  });
  it('ends a proof by a sign of life that was struck again, without taking it for life', () => {
    expect(circuitState([off, proved(bell), { ...life, counts: false }]).state).toBe('off');
  });
  it('remembers bell voltage on a circuit that is not off, until it is switched', () => {
    const read = proved({ ...bell, betweenVolts: 18 });
    expect(circuitState([on, read])).toMatchObject({ state: 'live', bellRead: { betweenVolts: 18 } });
    expect(circuitState([on, proved({ ...bell, betweenVolts: 36 })])).toMatchObject({ bellRead: null });
    expect(circuitState([on, read, on])).toMatchObject({ bellRead: null });
    expect(circuitState([read])).toMatchObject({ state: 'unknown', bellRead: { betweenVolts: 18 } });
  });
});

describe('the gate', () => {
  const dead = circuitState([off, proved(bell)]);
  const heavy = circuitState([off, proved(mains)]);
  const supply = (...circuits: Supply['circuits']): Supply => ({
    circuits,
    unnamed: null,
    lookedForOthers: true,
    bellSide: 'off',
  });
  it('opens a bell step on a bell proof, whoever made it', () => {
    expect(stepGate('bell', supply(dead), 'tomas')).toEqual({ open: true });
    expect(stepGate('nothing', supply(), null)).toEqual({ open: true });
  });
  it('holds everything else', () => {
    expect(stepGate('bell', supply(), 'ines')).toMatchObject({ reason: 'noCircuit' });
    expect(stepGate('bell', supply(circuitState([])), 'ines')).toMatchObject({ reason: 'unknown' });
    expect(stepGate('bell', supply(circuitState([on])), 'ines')).toMatchObject({ reason: 'live' });
    expect(stepGate('bell', supply(circuitState([off])), 'ines')).toMatchObject({ reason: 'notProved' });
    expect(stepGate('mains', supply(dead), 'ines')).toMatchObject({ reason: 'noMainsProof' });
  });
  it('opens a mains step only for the person who proved it', () => {
    expect(stepGate('mains', supply(heavy), 'ines')).toEqual({ open: true });
    expect(stepGate('mains', supply(heavy), 'tomas')).toMatchObject({ reason: 'provedByAnother' });
    expect(stepGate('bell', supply(heavy), 'ines')).toMatchObject({ reason: 'noBellProof' });
  });
  it('takes no simulated proof for mains', () => {
    const simulated = circuitState([off, proved({ ...mains, simulated: true })]);
    expect(stepGate('mains', supply(simulated), 'ines')).toMatchObject({ reason: 'simulatedProof' });
  });
  it('asks every circuit that feeds the point', () => {
    expect(stepGate('bell', supply(dead, circuitState([on])), 'ines')).toMatchObject({ reason: 'live' });
    expect(stepGate('mains', supply(heavy, circuitState([off])), 'ines')).toMatchObject({ reason: 'notProved' });
    expect(stepGate('mains', supply(heavy, heavy), 'ines')).toEqual({ open: true });
  });
  it('asks for a second feed before mains work, and holds until one that was seen is named', () => {
    expect(stepGate('mains', { ...supply(heavy), lookedForOthers: false }, 'ines')).toMatchObject({
      reason: 'notLooked',
    });
    expect(stepGate('mains', { ...supply(heavy), unnamed: 'sharedNeutral' }, 'ines')).toMatchObject({
      reason: 'sharedNeutral',
    });
    expect(stepGate('bell', { ...supply(dead), unnamed: 'inBox' }, 'ines')).toEqual({ open: true });
    expect(stepGate('bell', { ...supply(dead), unnamed: 'joined' }, 'ines')).toMatchObject({ reason: 'joined' });
  });
  it('lets the school of the live bell side work on what was read as bell voltage, never on mains', () => {
    const read = circuitState([on, proved({ ...bell, betweenVolts: 18 })]);
    const live = (circuit: CircuitState): Supply => ({ ...supply(circuit), bellSide: 'live' });
    expect(stepGate('bell', live(read), 'ines')).toEqual({ open: true });
    expect(stepGate('bell', live(circuitState([on])), 'ines')).toMatchObject({ reason: 'notRead' });
    expect(stepGate('bell', live(circuitState([off])), 'ines')).toMatchObject({ reason: 'notProved' });
    expect(stepGate('mains', live(read), 'ines')).toMatchObject({ reason: 'live' });
    expect(stepGate('bell', supply(read), 'ines')).toMatchObject({ reason: 'live' });
  });
});

describe('what plugs in', () => {
  const plug: Supply = { circuits: [], unnamed: null, lookedForOthers: true, bellSide: 'off', plug: true };
  it('frees the bell side while its plug is out, and no mains step', () => {
    expect(stepGate('bell', plug, 'ines')).toEqual({ open: true });
    expect(stepGate('mains', plug, 'ines')).toEqual({ open: false, reason: 'noCircuit' });
    expect(stepGate('bell', { ...plug, plug: false }, 'ines')).toEqual({ open: false, reason: 'noCircuit' });
  });
  it('frees nothing of a point that hangs on a circuit as well', () => {
    const both = { ...plug, circuits: [circuitState([on])] };
    expect(stepGate('bell', both, 'ines')).toEqual({ open: false, reason: 'live' });
  });
});
