import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { answer, isNumbered } from '@/contract/answers';
import { newEntry, type NewEntry } from '@/core/kinds';
import { call } from '@/ui/log/api';
import { Outbox } from '@/ui/log/outbox';
import { waitingFor } from '@/ui/log/shelf';
import { emptyShelf } from './emptyShelf';
import { runs } from './runs';

// A network that lies between a page and its server: whatever it does, nothing that was shown as kept is missing afterwards,
// and everything arrives once.

const JOB = 'job';
const by = { id: 'ines', name: 'Ines' };

/** What becomes of one request. */
const LIES = [
  'honest',
  'honest',
  'lost',
  'answerLost',
  'repeated',
  'portal',
  'empty',
  'forbidden',
  'fault',
  'cut',
  'othersNumbers',
  'noNumbers',
] as const;
type Lie = (typeof LIES)[number];

/** A server with a log, behind a network that does with each request what it is told. */
class Behind {
  readonly log: NewEntry[] = [];
  lies: Lie[] = [];

  private take(body: string): string {
    const { entries } = JSON.parse(body) as { entries: NewEntry[] };
    for (const entry of entries) if (!this.log.some(({ id }) => id === entry.id)) this.log.push(entry);
    const numbered = entries.map(({ id }) => ({ id, seq: this.log.findIndex((one) => one.id === id) + 1 }));
    return JSON.stringify({ entries: numbered, last: this.log.length });
  }

  readonly fetch = async (_to: unknown, init?: { body?: unknown }): Promise<Response> => {
    await Promise.resolve();
    const body = String(init?.body);
    const said = (text: string, status = 200, type = 'application/json') =>
      new Response(text, { status, headers: { 'content-type': type } });
    switch (this.lies.shift() ?? 'honest') {
      case 'honest':
        return said(this.take(body));
      case 'lost':
        throw new TypeError('fetch failed');
      case 'answerLost':
        this.take(body);
        throw new TypeError('fetch failed');
      case 'repeated':
        this.take(body);
        return said(this.take(body));
      case 'portal':
        return said('<html>Welcome to the guest network</html>', 200, 'text/html');
      case 'empty':
        return said('');
      case 'forbidden':
        return said('log in first', 403, 'text/plain');
      case 'fault':
        return said(JSON.stringify({ status: 500, title: 'no', detail: 'it broke', errors: [] }), 500);
      case 'cut': {
        const whole = this.take(body);
        return said(whole.slice(0, whole.length / 2));
      }
      case 'othersNumbers':
        return said(JSON.stringify({ entries: [{ id: 'another', seq: 1 }], last: 1 }));
      case 'noNumbers':
        return said(JSON.stringify({ entries: [], last: 7 }));
    }
  };
}

const moment = () => new Promise((resolve) => setTimeout(resolve, 0));
let count = 0;
const nextId = (): string => `018f0000-0000-7000-8000-${(++count).toString(16).padStart(12, '0')}`;

describe('a network that lies', () => {
  it('makes nothing that was shown as kept go missing, and nothing come twice', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({ writes: fc.nat({ max: 3 }), lies: fc.array(fc.constantFrom(...LIES), { maxLength: 4 }) }),
          { minLength: 1, maxLength: 8 },
        ),
        fc.boolean(),
        async (turns, isReloaded) => {
          await emptyShelf();
          const behind = new Behind();
          globalThis.fetch = behind.fetch;
          const open = () =>
            new Outbox(JOB, async (entries) => {
              const path = `/jobs/${JOB}/entries`;
              const taken = await call(path, answer(isNumbered), { method: 'POST', body: { entries } });
              return taken.entries.map(({ id }) => id);
            });
          let outbox = open();
          let stop = outbox.start();
          const written: string[] = [];
          /** What the head calls kept is with the server. */
          const keptIsTrue = (): void => {
            const waits = new Set(outbox.snapshot().waiting.map(({ entry }) => entry.id));
            const there = new Set(behind.log.map(({ id }) => id));
            expect(written.filter((id) => !waits.has(id) && !there.has(id))).toEqual([]);
          };
          for (const [turn, { writes, lies }] of turns.entries()) {
            behind.lies = [...lies];
            for (let n = 0; n < writes; n++) {
              const id = nextId();
              written.push(id);
              outbox.add(newEntry('noteWritten', { text: id }, { id, at: '2026-03-04T09:00:00Z', by }));
            }
            for (let tries = 0; tries < 3; tries++) {
              await moment();
              keptIsTrue();
              outbox.retry();
            }
            if (isReloaded && turn === 2) {
              // The page is put away in the middle of it, once the browser has what was written
              for (
                let tries = 0;
                tries < 30 && (await waitingFor(JOB)).length < outbox.snapshot().waiting.length;
                tries++
              )
                await moment();
              stop();
              outbox = open();
              stop = outbox.start();
              for (let tries = 0; tries < 10; tries++) await moment();
              keptIsTrue();
            }
          }
          behind.lies = [];
          for (let tries = 0; tries < 200 && outbox.snapshot().waiting.length > 0; tries++) {
            outbox.retry();
            await moment();
          }
          stop();
          expect(outbox.snapshot().waiting).toEqual([]);
          expect(behind.log.map(({ id }) => id).sort()).toEqual(written.toSorted());
        },
      ),
      { seed: 161, numRuns: runs(40) },
    );
  });
});
