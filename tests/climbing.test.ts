import { describe, expect, it } from '@jest/globals';
import { worriesOf, assess, ladderOf } from '@/core/points';
import { say } from '@/words/forTests';
import { contradictionsAt } from './climbing/agreement';
import { Hand } from './climbing/hand';
import { OLD_16_10, SITES } from './climbing/sites';

describe('whoever follows the next move and nothing else', () => {
  it.each(Object.entries(SITES))('arrives at the sheet handed over: %s', (name, site) => {
    const hand = new Hand(site);
    const apart: string[] = [];
    const acts = hand.climb('p', (move, assessment) =>
      apart.push(...contradictionsAt(hand, move, assessment).map((what) => `${say(move.words)}: ${what}`)),
    );
    // On the way, no two screens ever said what doesn't go together
    expect(apart).toEqual([]);
    const job = hand.job;
    const point = hand.pointOf('p');
    const marks = ladderOf(job, point, assess(job, point, 200), { id: 'ines', at: 0, ownProofs: null });
    // Every rung is done, by its own mark, and the circuit is on again
    expect(marks.filter(({ state }) => state !== 'done').map(({ rung, words }) => [rung, words])).toEqual([]);
    expect(job.circuits.every(({ state }) => state.state === 'live')).toBe(true);
    expect(worriesOf(job, point, assess(job, point, 200)).filter(({ id }) => id.startsWith('unproved'))).toEqual([]);
    if (process.env.SHOW_ACTS)
      console.log(name, acts.length, acts.map(({ rung, code }) => `${rung}:${code}`).join(' '));
  });
});

describe('two doors on one chime', () => {
  it('are climbed one after the other: what was done for both is not asked for again', () => {
    const hand = new Hand({ kind: 'doorbell', ...OLD_16_10, rear: true });
    const front = hand.climb('p');
    const rear = hand.climb('r');
    expect(rear.length).toBeLessThan(front.length);
    const codes = rear.map(({ code }) => code);
    for (const shared of ['openChimeKind', 'lookTransformer', 'readVoltsVa', 'nameCircuitHangs', 'oldPrimaryLeads'])
      expect(codes).not.toContain(shared);
    for (const id of ['p', 'r']) expect(hand.moveOf(id).words).toMatchObject({ code: 'nothingLeftDo' });
  });
});

describe('a healthy supply', () => {
  it('is read before anything is proposed, and stays', () => {
    const hand = new Hand(SITES['a healthy 16 V 30 VA transformer'] ?? { kind: 'doorbell' });
    const codes = hand.climb().map(({ code }) => code);
    expect(codes).toContain('readOpenVolts');
    expect(codes).not.toContain('oldPrimaryLeads');
  });
});
