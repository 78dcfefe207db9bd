import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { describe, expect, it } from 'vitest';
import { textContent } from 'domutils';
import { createElement } from 'react';
import type { Rung } from '@/core/kinds';
import { placeOf } from '@/core/job';
import { checksOf, ladderOf, plainRun, stepStandings, worriesOf } from '@/core/points';
import { markupOf } from '@/papers/markup';
import { TradeSheet } from '@/ui/sheet/TradeSheet';
import { sayIn } from '@/words';
import { say } from '@/words/forTests';
import { contradictionsAt } from './climbing/agreement';
import { Hand, type Act } from './climbing/hand';
import { OLD_16_10, SITES } from './climbing/sites';

/** Taps and filled fields of the acts at some rungs. */
const tapsOn = (acts: readonly Act[], at: (rung: Rung) => boolean): number =>
  acts.reduce((sum, { rung, taps }) => sum + (at(rung) ? taps : 0), 0);

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
    const marks = ladderOf(job, point, hand.assessed(point), { id: 'ines', at: 0, ownProofs: null });
    // Every rung is done, by its own mark, and the circuit is on again
    expect(marks.filter(({ state }) => state !== 'done').map(({ rung, words }) => [rung, words])).toEqual([]);
    expect(job.circuits.every(({ state }) => state.state === 'live')).toBe(true);
    expect(worriesOf(job, point, hand.assessed(point)).filter(({ id }) => id.startsWith('unproved'))).toEqual([]);
    // All of it stands on the sheet that the trade keeps: which device hangs there, and each answer
    const sheet = textContent(
      markupOf(createElement(TradeSheet, { job, printedAt: '2026-03-04T18:00:00Z', catalogue: SHIPPED_CATALOGUE })),
    );
    const sayThere = sayIn(placeOf(job));
    expect(sheet).toContain('CAM-p');
    for (const { name: check } of checksOf(point)) expect(sheet).toContain(sayThere(check));
    expect(sheet).toContain('nobody was at home');
    if (process.env.SHOW_ACTS)
      console.log(
        name,
        tapsOn(acts, (rung) => rung !== 'prove' && rung !== 'leave'),
        'and',
        tapsOn(acts, (rung) => rung === 'prove' || rung === 'leave'),
        acts.map(({ rung, code, taps }) => `${rung}:${code} ${taps}`).join(', '),
      );
  });
});

describe('the taps and fields of a climb', () => {
  // A figure to bring down: whoever makes a step dearer hears of it here
  it.each([
    ['an old 16 V 10 VA transformer', 46],
    ['a healthy 16 V 30 VA transformer', 35],
    ['a floodlight on a box with room', 54],
    ['a floodlight with a plug', 25],
  ] as const)('are no more than they were: %s', (name, most) => {
    const acts = new Hand(SITES[name] ?? { kind: 'doorbell' }).climb();
    expect(tapsOn(acts, (rung) => rung !== 'prove' && rung !== 'leave')).toBeLessThanOrEqual(most);
  });
});

describe('steps that are ticked together', () => {
  it.each(['an old 16 V 10 VA transformer', 'a floodlight on a box with room'])(
    'stand at one place, and nothing holds, switches, reads or proves with any of them: %s',
    (name) => {
      const hand = new Hand(SITES[name] ?? { kind: 'doorbell' });
      const runs: number[] = [];
      hand.climb('p', ({ rung }) => {
        if (rung !== 'wire') return;
        const run = plainRun(stepStandings(hand.job, hand.pointOf('p'), hand.asker));
        runs.push(run.length);
        expect(new Set(run.map(({ step }) => step.place)).size).toBeLessThanOrEqual(1);
        for (const { step, held, ticked, toProve } of run)
          expect({
            held,
            ticked,
            energises: step.energises ?? false,
            reads: step.reads ?? null,
            proves: step.role === 'proof' && toProve.length > 0,
          }).toEqual({ held: null, ticked: false, energises: false, reads: null, proves: false });
      });
      expect(Math.max(...runs)).toBeGreaterThan(2);
      expect(Math.min(...runs)).toBe(0);
    },
  );
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
