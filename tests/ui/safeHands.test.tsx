/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor } from '@testing-library/react';
import { DEAD_MAINS } from '@/core/isolation/forTests';
import { TOMAS, Written, answering, close, openJob, reload } from './onScreen';

afterEach(close);

/** A yard light: its breaker is off and locked, its box proved dead by Ines, its cover off. */
const proved = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120', hazards: ['overheadWires'] })
    .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'box' })
    .write('circuitListed', { circuitId: 'b7', way: '7', feeds: ['yard'], otherInBox: 'no', sharedNeutral: 'no' })
    .write('circuitSwitched', { circuitId: 'b7', to: 'off', tagged: true, guard: 'locked' })
    .write('stepTicked', { pointId: 'yard', stepId: 'box-photo', touches: 'nothing', how: 'done' })
    .write('deadProved', { circuitId: 'b7', placeId: 'box', ...DEAD_MAINS })
    .write('stepTicked', { pointId: 'yard', stepId: 'box-open', touches: 'mains', placeId: 'box', how: 'done' });
const wire = (log: Written) => openJob(log.entries, { rung: 'wire' });
const away = (): never => {
  throw new TypeError('no network');
};
const saving = () => screen.getAllByRole('status')[0]?.textContent;

describe('with the server away', () => {
  it('the page says so, and a mains step opens only on one’s own proof from this screen', async () => {
    const { user, ready, server } = wire(proved());
    // Not one answer comes: what others have written since is not known here
    server.instead = away;
    await ready();
    await waitFor(() => expect(screen.getByText(/^Held:/).textContent).toContain('server is away'));
    expect(screen.queryByTestId('tick')).toBeNull();
    expect(screen.getByText(/The lock and the tag on the breaker are the true guard/)).toBeTruthy();
    // Proved again here it opens
    const type = async (label: string) =>
      user.type(screen.getAllByLabelText(label, { selector: 'input' })[0] ?? document.body, '0');
    for (const label of ['hot to neutral', 'hot to ground', 'neutral to ground']) await type(label);
    for (const condition of [/^Two-pole tester/, /^Every pair/, /^Tester tried on/])
      await user.click(screen.getByLabelText(condition));
    await user.click(screen.getAllByRole('button', { name: 'Write the proof down' })[0] ?? document.body);
    expect(await screen.findByTestId('tick')).toBeTruthy();
    expect(saving()).toBe('kept here');
  });
});

describe('somebody else at work in the job', () => {
  it('is named at each mains step, with the true guard', async () => {
    const log = proved();
    const at = new Date().toISOString();
    const [first] = log.entries;
    if (!first) throw new Error('an empty log');
    const note = {
      id: '00000000-0000-7000-8000-00000000ffff',
      at,
      by: TOMAS,
      kind: 'noteWritten' as const,
      version: 1,
    };
    const entries = [...log.entries, { ...note, data: { text: 'at the gate' }, seq: 99, receivedAt: at }];
    const { ready } = openJob(entries, { rung: 'wire' });
    await ready();
    expect(screen.getByText(/^Tomas works in this job too/)).toBeTruthy();
    // And what was ticked at Look comes back where the ladder stands
    expect(screen.getByText(/^Overhead wires/)).toBeTruthy();
  });
});

describe('a change of the person at this screen', () => {
  it('is written down, and ends the proof, also where it was told on another page', async () => {
    const first = wire(proved());
    await first.ready();
    await first.user.click(screen.getByTestId('tick'));
    await first.kept();
    const log = [...first.server.log];
    reload();
    localStorage.setItem('fox-ladder-who', 'tomas');
    localStorage.setItem('fox-ladder-who-changes', '1');
    const second = openJob(log, { rung: 'wire' });
    await second.ready();
    await second.kept();
    expect(second.written()).toMatchObject([{ kind: 'personChanged', by: { id: 'tomas' }, data: { fromId: 'ines' } }]);
    expect(second.job().circuits[0]?.proofs[0]).toMatchObject({ stands: false, why: 'personChanged' });
  });
  it('told in another tab ends also a proof of which this one had not heard by then', async () => {
    const log = proved();
    const { ready, server, written, kept, job } = openJob(log.entries.slice(0, -2), { rung: 'wire' });
    await ready();
    server.log.push(...log.entries.slice(-2));
    localStorage.setItem('fox-ladder-who', 'tomas');
    localStorage.setItem('fox-ladder-who-changes', String(Date.now() + 1));
    window.dispatchEvent(new StorageEvent('storage'));
    await new Promise((resolve) => setTimeout(resolve, 50));
    // As soon as the log is read again, here because the page is looked at
    window.dispatchEvent(new Event('visibilitychange'));
    const last = { kind: 'personChanged', by: { id: 'tomas' }, data: { fromId: 'ines' } };
    await waitFor(() => expect(written().at(-1)).toMatchObject(last));
    await kept();
    expect(job().circuits[0]?.proofs[0]).toMatchObject({ stands: false, why: 'personChanged' });
  });
});

describe('a clock that is an hour ahead', () => {
  it('is corrected by the server’s refusal, and nothing written is lost', async () => {
    const { user, ready, kept, written, server } = wire(proved());
    await ready();
    let refused = 0;
    server.instead = () => {
      refused++;
      server.instead = null;
      const problem = { title: 'Understood', status: 422, detail: 'entries[0].at: lies in the future', errors: [] };
      return answering({ ...problem, serverTime: new Date(Date.now() - 3_600_000).toISOString() }, 422);
    };
    await user.click(screen.getByTestId('tick'));
    await kept();
    expect(refused).toBe(1);
    expect(written()).toHaveLength(1);
    expect(Date.now() - Date.parse(written()[0]?.at ?? '')).toBeGreaterThan(3_500_000);
  });
});
