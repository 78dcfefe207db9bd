import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { proofProblem, stepGate, type BellProof, type MainsProof } from '../isolation';
import { DEAD_BELL, DEAD_MAINS } from '../isolation/forTests';
import { INES, TOMAS, startedLog, type TestLog } from './forTests';
import type { Entry, EntryData } from '../kinds/register';
import { supplyOf } from '../points/supplyOf';

const bell = (betweenVolts: number): EntryData<'deadProved'> => ({ circuitId: 'c', ...DEAD_BELL, betweenVolts });
const mains = (locked: boolean): EntryData<'deadProved'> => ({ circuitId: 'c', ...DEAD_MAINS, locked });

type Act = (log: TestLog, target: string) => unknown;
/** Everything that anybody may write about a circuit, also badly. */
const ACTS: Readonly<Record<string, Act>> = {
  list: (log) => log.write('circuitListed', { circuitId: 'c', way: '7', feeds: ['p'] }),
  relist: (log) => log.write('circuitListed', { circuitId: 'c', way: '9' }),
  asked: (log) => log.write('circuitListed', { circuitId: 'c', sharedNeutral: 'no', otherInBox: 'no' }),
  second: (log) => log.write('circuitListed', { circuitId: 'd', way: '2', feeds: ['p'] }),
  joined: (log) => log.write('transformerDescribed', { supplyId: 'p', joined: 'yes' }),
  off: (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true }),
  loose: (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: false }),
  on: (log) => log.write('circuitSwitched', { circuitId: 'c', to: 'on' }),
  bell: (log) => log.write('deadProved', bell(0.1)),
  bellLive: (log) => log.write('deadProved', bell(18)),
  mains: (log) => log.write('deadProved', mains(true)),
  mainsByTomas: (log) => log.write('deadProved', mains(true), TOMAS),
  mainsBad: (log) => log.write('deadProved', mains(false)),
  back: (log) => log.write('cameBack', {}),
  pen: (log) => log.write('hintNoted', { circuitId: 'c', hint: 'penQuiet' }),
  rings: (log) => log.write('hintNoted', { circuitId: 'c', hint: 'bellRings' }),
  strike: (log, target) => log.write('entryStruck', { target }),
  liveSchool: (log) => log.write('policyTaken', { bellSide: 'live' }),
};

const sequences = fc.array(fc.tuple(fc.constantFrom(...Object.keys(ACTS)), fc.nat({ max: 30 })), { maxLength: 22 });

function logOf(sequence: readonly (readonly [string, number])[]): TestLog {
  const log = startedLog();
  for (const [name, back] of sequence) ACTS[name]?.(log, `e${Math.max(3, log.entries.length - back)}`);
  return log;
}

/** A proof that is valid by itself. */
const valid = (entry: Entry): entry is Extract<Entry, { kind: 'deadProved' }> =>
  entry.kind === 'deadProved' && proofProblem(entry.data as BellProof | MainsProof) === null;

/** Whether a later entry ends a mains proof: read off the log, with nothing of the fold. */
const endsMains = (entry: Entry): boolean =>
  entry.kind === 'cameBack' ||
  (entry.kind === 'circuitSwitched' && entry.data.circuitId === 'c') ||
  (entry.kind === 'hintNoted' && entry.data.hint === 'bellRings');

describe('any sequence of entries', () => {
  it('reaches “proved dead” only by a valid proof that nothing ended', () => {
    fc.assert(
      fc.property(sequences, (sequence) => {
        const log = logOf(sequence);
        const circuit = log.job.circuits.find(({ id }) => id === 'c');
        if (circuit?.state.state !== 'provedDead') return;
        const struck = new Set(
          log.entries.flatMap((entry) => (entry.kind === 'entryStruck' ? [entry.data.target] : [])),
        );
        const proof = log.entries.findLast((entry) => valid(entry) && !struck.has(entry.id));
        if (!proof) {
          // A strike may itself be struck; then the proof it hit had no chance to come back
          expect(log.entries.some(valid)).toBe(true);
        }
        const { bell: bellProof, mains: mainsProof } = circuit.state;
        for (const [standing, ends] of [
          [bellProof, (entry: Entry) => entry.kind !== 'cameBack' && endsMains(entry)],
          [mainsProof, endsMains],
        ] as const) {
          if (!standing) continue;
          const at = log.entries.findLastIndex(
            (entry) => valid(entry) && entry.data.weight === standing.weight && entry.by.id === standing.mark.byId,
          );
          expect(at).toBeGreaterThanOrEqual(0);
          expect(log.entries.slice(at + 1).some((entry) => ends(entry) && !struck.has(entry.id))).toBe(false);
        }
      }),
      { seed: 41, numRuns: 1500 },
    );
  });
  it('offers no mains step without a mains proof by that very person on every circuit', () => {
    let opened = 0;
    fc.assert(
      fc.property(sequences, (sequence) => {
        const log = logOf(sequence);
        const { job, point } = log;
        for (const who of [INES, TOMAS]) {
          if (!stepGate('mains', supplyOf(job, point), who.id).open) continue;
          opened++;
          const feeding = job.circuits.filter(({ feeds }) => feeds.includes('p'));
          expect(feeding.length).toBeGreaterThan(0);
          for (const { state } of feeding)
            expect(state).toMatchObject({ state: 'provedDead', mains: { mark: { byId: who.id } } });
          expect(point.fed.joined === 'yes' && feeding.length < 2).toBe(false);
        }
      }),
      { seed: 42, numRuns: 4000 },
    );
    // The check must have met an open gate, or it says nothing
    expect(opened).toBeGreaterThan(0);
  });
  it('never brings a proof back by a strike', () => {
    fc.assert(
      fc.property(sequences, fc.nat({ max: 20 }), (sequence, back) => {
        const log = logOf(sequence);
        const proved = (weight: 'bell' | 'mains'): boolean => {
          const state = log.job.circuits.find(({ id }) => id === 'c')?.state;
          return state?.state === 'provedDead' && state[weight] !== null;
        };
        const before = { bell: proved('bell'), mains: proved('mains') };
        log.write('entryStruck', { target: `e${Math.max(3, log.entries.length - back)}` });
        expect(proved('bell') && !before.bell).toBe(false);
        expect(proved('mains') && !before.mains).toBe(false);
      }),
      { seed: 43, numRuns: 1500 },
    );
  });
});

describe('a clock that runs backwards between entries', () => {
  it('changes nothing: the order of the log decides', () => {
    const log = startedLog()
      .write('circuitListed', { circuitId: 'c', way: '7', feeds: ['p'] })
      .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true })
      .write('deadProved', bell(0));
    const turned = log.entries.map((entry, i) => ({ ...entry, at: `2026-03-04T0${9 - i}:00:00Z` }));
    log.entries.splice(0, log.entries.length, ...turned);
    expect(log.job.circuits[0]?.state.state).toBe('provedDead');
    log.write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(log.job.circuits[0]?.state.state).toBe('live');
  });
});
