import { describe, expect, it } from 'vitest';
import type { AnswerAhead, DoorCase, Finding } from '../faults';
import { doorFinder } from './doorbell/doorFinder';
import { walkAhead } from './walkAhead';

const asked: Pick<DoorCase, 'tests' | 'faults' | 'walks' | 'places' | 'at'> = {
  tests: [
    { kind: 'link', minutes: 3 },
    { kind: 'report', minutes: 1 },
  ],
  faults: [
    { kind: 'fuseOpen', probability: 1, repairMinutes: 8 },
    { kind: 'openToDoor', probability: 1, repairMinutes: 25 },
  ],
  walks: [
    { from: 'door, live', to: 'chime, live', minutes: 2 },
    { from: 'chime, live', to: 'chime, dead', minutes: 6 },
    { from: 'chime, dead', to: 'door, dead', minutes: 2 },
  ],
  places: { link: 'chime, dead', fuseOpen: 'chime, dead', openToDoor: 'door, dead', report: null },
  at: 'door, live',
};
const answer = (word: string, next: AnswerAhead['next']): AnswerAhead => ({
  word,
  from: null,
  to: null,
  chance: 0.5,
  faults: [],
  next,
  minutes: 0,
});
const finding = (over: Partial<Finding>): Pick<Finding, 'next' | 'answers' | 'test'> => ({
  next: { test: 'link' },
  test: 'link',
  answers: [],
  ...over,
});

describe('the walk', () => {
  it('counts the way to each act, and from live to dead, from where the one before it is done', () => {
    const open = answer('open', { repair: 'fuseOpen' });
    const closed = answer('closed', { repair: 'openToDoor' });
    const walk = walkAhead(asked, finding({ answers: [open, closed] }), doorFinder);
    // 2 to the chime, 6 until it is dead there, and the test; then nothing more, or 2 back to the door
    expect(walk?.now).toEqual({ act: { test: 'link' }, place: 'chime', minutes: 11 });
    expect(walk?.then).toEqual([
      { answer: open, step: { act: { repair: 'fuseOpen' }, place: 'chime', minutes: 8 } },
      { answer: closed, step: { act: { repair: 'openToDoor' }, place: 'door', minutes: 27 } },
    ]);
  });
  it('goes nowhere for what is done where one stands, and adds up two repairs', () => {
    const both = answer('offline', { repair: 'fuseOpen+openToDoor' });
    const walk = walkAhead(asked, finding({ test: 'report', answers: [both] }), doorFinder);
    expect(walk?.now).toEqual({ act: { test: 'report' }, place: null, minutes: 1 });
    expect(walk?.then[0]?.step).toMatchObject({ place: 'chime', minutes: 8 + 33 });
  });
  it('is none where nothing is to be done, and ends where an answer leads nowhere', () => {
    expect(walkAhead(asked, finding({ next: null, test: null }), doorFinder)).toBeNull();
    expect(walkAhead(asked, finding({ answers: [answer('open', null)] }), doorFinder)?.then).toEqual([]);
  });
});
