import { describe, expect, it } from 'vitest';
import { DEAD_BELL, DEAD_MAINS } from './forTests';
import { ABSENCE_MS, Presence } from './presence';
import { isBellVoltage, proofProblem, voltsRead } from './proof';

const bell = DEAD_BELL;
const mains = DEAD_MAINS;

describe('proof of dead', () => {
  it('takes at most 1 V between the leads and from each to earth', () => {
    expect(proofProblem(bell)).toBeNull();
    expect(proofProblem({ ...bell, betweenVolts: 1 })).toBeNull();
    expect(proofProblem({ ...bell, secondToEarthVolts: 1.4 })).toBe('stillLive');
    expect(proofProblem({ ...bell, betweenVolts: 18 })).toBe('stillLive');
    expect(proofProblem({ ...bell, firstToEarthVolts: 118 })).toBe('treatAsMains');
    expect(proofProblem({ ...bell, betweenVolts: NaN })).toBe('noFigure');
    expect(proofProblem({ ...bell, meterMainsRated: false })).toBe('meterNotMainsRated');
    expect(proofProblem({ ...bell, dry: false })).toBe('notDry');
  });
  it('takes a sign as the meter’s leads lay', () => {
    expect(proofProblem({ ...bell, betweenVolts: -18 })).toBe('stillLive');
    expect(proofProblem({ ...mains, hotNeutralVolts: -118 })).toBe('stillLive');
  });
  it('asks all of it on mains', () => {
    expect(proofProblem(mains)).toBeNull();
    for (const pair of ['hotNeutralVolts', 'hotGroundVolts'] as const)
      expect(proofProblem({ ...mains, [pair]: 1.1 })).toBe('stillLive');
    // A figure that is none proves nothing
    for (const pair of ['hotNeutralVolts', 'hotGroundVolts', 'neutralGroundVolts'] as const)
      expect(proofProblem({ ...mains, [pair]: NaN })).toBe('noFigure');
    expect(proofProblem({ ...mains, everyConductor: false })).toBe('notEveryConductor');
    expect(proofProblem({ ...mains, triedBefore: false })).toBe('testerNotTried');
    expect(proofProblem({ ...mains, triedAfter: false })).toBe('testerNotTried');
  });
  it('neither passes nor calls live what stands between neutral and ground alone', () => {
    expect(proofProblem({ ...mains, neutralGroundVolts: 12 })).toBe('borrowedNeutral');
    expect(voltsRead({ ...mains, neutralGroundVolts: 12 })).toBe(0);
    expect(voltsRead({ ...mains, hotGroundVolts: 118, hotNeutralVolts: NaN })).toBe(118);
  });
  it('knows bell voltage from mains', () => {
    expect(isBellVoltage({ ...bell, betweenVolts: 24 })).toBe(true);
    expect(isBellVoltage({ ...bell, betweenVolts: 35 })).toBe(true);
    expect(isBellVoltage({ ...bell, firstToEarthVolts: 35.1 })).toBe(false);
    expect(isBellVoltage({ ...bell, betweenVolts: 24, dry: false })).toBe(false);
  });
});

describe('presence', () => {
  const written = (...minutes: readonly number[]) => minutes.map((at) => ({ byId: 'ines', at: at * 60_000 }));
  const away = (presence: Presence, since: number, now: number): boolean =>
    presence.isUnanswered('ines', since * 60_000, now * 60_000);
  it('is broken by twenty minutes without a word, at once and for good', () => {
    const presence = new Presence(written(0, 10, 35), []);
    expect(ABSENCE_MS).toBe(1_200_000);
    expect(away(presence, 0, 30)).toBe(false);
    expect(away(presence, 0, 31)).toBe(true);
    expect(away(presence, 0, 36)).toBe(true);
    // What was proved after the absence knows nothing of it
    expect(away(presence, 35, 50)).toBe(false);
  });
  it('is mended by an answer that comes after the absence', () => {
    expect(away(new Presence(written(0, 35), written(35)), 0, 40)).toBe(false);
    expect(away(new Presence(written(0, 34, 35), written(35)), 0, 40)).toBe(false);
    expect(away(new Presence(written(0, 12, 35), written(12)), 0, 40)).toBe(true);
    expect(away(new Presence(written(0, 35), written(35)), 0, 56)).toBe(true);
  });
  it('says nothing of somebody who never wrote', () => {
    expect(new Presence([], []).isUnanswered('nobody', 0, 1e9)).toBe(false);
  });
});
