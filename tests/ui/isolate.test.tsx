/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { DEAD_BELL, DEAD_MAINS } from '@/core/isolation/forTests';
import { Written, close, openJob } from './onScreen';

afterEach(close);

const begun = (region = 'na-120') =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' });
const named = (region?: string) =>
  begun(region).write('circuitListed', { circuitId: 'b7', way: 'breaker 7', name: 'hall', feeds: ['front'] });
const off = (region?: string) =>
  named(region).write('circuitSwitched', {
    circuitId: 'b7',
    to: 'off',
    tagged: true,
    houseTold: true,
    guard: 'locked',
  });
const isolate = (log: Written) => openJob(log.entries, { rung: 'isolate' });
const plate = () => screen.getAllByTestId('circuit-state')[0]?.textContent;
const box = (label: string): HTMLInputElement => {
  const found = screen.getAllByLabelText(label, { selector: 'input' })[0];
  if (!(found instanceof HTMLInputElement)) throw new Error(`no field ${label}`);
  return found;
};
const press = (name: string | RegExp) => screen.getAllByRole('button', { name })[0] ?? document.body;

describe('a circuit at Isolate', () => {
  it('is not known until it is named, and naming it proves nothing', async () => {
    const { user, ready, kept, written } = isolate(begun());
    await ready();
    expect(plate()).toContain('NOT KNOWN');
    await user.type(box('which breaker'), 'breaker 7{Enter}');
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'circuitListed', data: { way: 'breaker 7', feeds: ['front'] } });
    await waitFor(() => expect(plate()).toContain('breaker 7'));
    expect(plate()).toContain('NOT KNOWN');
  });
  it('is off, tagged or not, as it was said', async () => {
    const { user, ready, kept, written } = isolate(named());
    await ready();
    await user.click(press('breaker 7 is off, not tagged'));
    await kept();
    expect(written()[0]?.data).toMatchObject({ circuitId: 'b7', to: 'off' });
    await waitFor(() => expect(plate()).toContain('OFF'));
    expect(plate()).toContain('not tagged');
    await user.click(screen.getByLabelText('Tagged, so that nobody turns it on'));
    await user.click(press('breaker 7 is off and tagged'));
    await kept();
    expect(written()[1]?.data).toMatchObject({ to: 'off', tagged: true });
    await waitFor(() => expect(plate()).toContain('tagged, not proved'));
  });
  it('is off with all that goes with it in one tap', async () => {
    const { user, ready, kept, written } = isolate(named());
    await ready();
    await user.click(press('All of these: breaker 7 is off'));
    await kept();
    expect(written()[0]?.data).toMatchObject({ to: 'off', tagged: true, houseTold: true, guard: 'locked' });
  });
  it('is proved in two taps where the meter showed nothing, and by no tap alone', async () => {
    const { user, ready, kept, written } = isolate(off());
    await ready();
    const told = () => screen.getByTestId('proof-bell').textContent;
    // Without readings the second is none
    await user.click(press('All of these are so: write it down'));
    expect(written()).toEqual([]);
    await user.click(press('The meter showed nothing at all three: 0 V each'));
    await waitFor(() => expect(told()).not.toMatch(/all three readings/));
    expect(told()).not.toBe('This proves it dead.');
    await user.click(press('All of these are so: write it down'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'deadProved',
      data: { betweenVolts: 0, firstToEarthVolts: 0, secondToEarthVolts: 0, meterMainsRated: true, dry: true },
    });
  });
  it('is proved by no Enter key: it says yes to nothing that was not tapped', async () => {
    const { user, ready, kept, written } = isolate(off());
    await ready();
    await user.click(press('The meter showed nothing at all three: 0 V each'));
    await user.type(box('second lead to ground'), '{Enter}');
    await kept();
    await waitFor(() => expect(written().at(-1)).toMatchObject({ kind: 'deadProved', data: { betweenVolts: 0 } }));
    expect(written().at(-1)?.data).not.toHaveProperty('meterMainsRated');
    expect(plate()).not.toContain('PROVED DEAD');
  });
  it('is proved at the bell wires by three readings and two conditions, and says what is missing', async () => {
    const { user, ready, kept, written } = isolate(off());
    await ready();
    const told = () => screen.getByTestId('proof-bell').textContent;
    expect(told()).toMatch(/all three readings/);
    await user.type(box('between the two leads'), '24');
    await user.type(box('first lead to ground'), '0');
    await user.type(box('second lead to ground'), '0');
    await user.click(screen.getByLabelText('Meter is rated for mains'));
    await user.click(screen.getByLabelText('Place is dry'));
    await waitFor(() => expect(told()).toMatch(/not dead/));
    await user.clear(box('between the two leads'));
    await user.type(box('between the two leads'), '0.2');
    await waitFor(() => expect(told()).toBe('This proves it dead.'));
    await user.click(press('Write the proof down'));
    await kept();
    expect(written().at(-1)).toMatchObject({
      kind: 'deadProved',
      data: { weight: 'bell', placeId: 's', betweenVolts: 0.2, meterMainsRated: true, dry: true },
    });
    await waitFor(() => expect(plate()).toContain('PROVED DEAD'));
  });
  it('is live again at a word, and its proof is gone', async () => {
    const { user, ready, kept } = isolate(off().write('deadProved', { circuitId: 'b7', placeId: 's', ...DEAD_BELL }));
    await ready();
    expect(plate()).toContain('PROVED DEAD');
    await user.click(press('It is on again'));
    await kept();
    await waitFor(() => expect(plate()).toContain('LIVE'));
  });
  it('is not known after a sign of life', async () => {
    const { user, ready, kept } = isolate(off().write('deadProved', { circuitId: 'b7', placeId: 's', ...DEAD_BELL }));
    await ready();
    await user.click(screen.getByText(/^A hint to note/));
    await user.click(screen.getByRole('button', { name: /pen beeps/ }));
    await kept();
    await waitFor(() => expect(plate()).toContain('NOT KNOWN'));
    expect(screen.getByText('a sign of life')).toBeTruthy();
  });
  it('asks for a second circuit, and is isolated together with it', async () => {
    const { user, ready, kept, job } = isolate(off());
    await ready();
    await user.click(screen.getByText('A second circuit feeds it too'));
    await user.type(box('which breaker is the second one'), '9');
    await user.click(press('Name the second circuit'));
    await kept();
    expect(job().circuits.map(({ way }) => way)).toEqual(['breaker 7', 'breaker 9']);
    await waitFor(() => expect(screen.getAllByTestId('circuit-state').length).toBeGreaterThanOrEqual(2));
  });
});

/** A floodlight whose circuit is off and locked, on the step of its cover. */
const yard = (region = 'na-120', guard: 'locked' | null = 'locked') =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region })
    .write('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'box' })
    .write('circuitListed', { circuitId: 'b7', way: 'breaker 7', feeds: ['yard'], otherInBox: 'no' })
    .write('circuitSwitched', { circuitId: 'b7', to: 'off', tagged: true, ...(guard ? { guard } : {}) })
    .write('stepTicked', { pointId: 'yard', stepId: 'box-photo', touches: 'nothing', how: 'done' });
const wire = (log: Written) => openJob(log.entries, { rung: 'wire' });

describe('the cover of a box', () => {
  it.each([
    ['na-120', 'hot to neutral', 'hot to ground', 'neutral to ground'],
    ['gb-230', 'line to neutral', 'line to earth', 'neutral to earth'],
  ])('comes off with a proof, in the terms of %s', async (region, ...labels) => {
    const { user, ready, kept, written } = wire(yard(region));
    await ready();
    // What was not looked for is asked with the proof
    await user.click(within(screen.getByRole('radiogroup', { name: /neutral is shared/ })).getByLabelText('no'));
    await kept();
    for (const label of labels) await user.type(box(label), '0');
    for (const condition of [/^Two-pole tester/, /^Every pair/, /^Tester tried on/])
      await user.click(screen.getByLabelText(condition));
    await waitFor(() => expect(screen.getByTestId('proof-mains').textContent).toBe('This proves it dead.'));
    expect(screen.queryByTestId('tick')).toBeNull();
    await user.click(press('Write the proof down'));
    await kept();
    // With the proof the step is done
    await waitFor(() =>
      expect(written().slice(-2)).toMatchObject([
        {
          kind: 'deadProved',
          data: { weight: 'mains', placeId: 'box', hotNeutralVolts: 0, triedAfter: true },
        },
        {
          kind: 'stepTicked',
          data: { stepId: 'box-open', touches: 'mains', role: 'proof', placeId: 'box', how: 'done' },
        },
      ]),
    );
    expect(plate()).toContain('PROVED DEAD');
  });
  it('stays on until the breaker is locked, or guarded by somebody with a name', async () => {
    const { user, ready, kept, written } = wire(yard('na-120', null));
    await ready();
    expect(screen.getAllByText(/not locked or guarded/)[0]).toBeTruthy();
    expect(screen.queryByTestId('proof-mains')).toBeNull();
    await user.click(press('Prove it dead'));
    await user.click(screen.getByLabelText('Taped, board watched'));
    await user.click(press('Write it down'));
    expect(written()).toHaveLength(0);
    await user.type(box('who watches the board'), 'Jo{Enter}');
    await kept();
    expect(written()).toMatchObject([{ kind: 'breakerGuarded', data: { guard: 'watched', guardedBy: 'Jo' } }]);
    await waitFor(() => expect(press('Go on at Wire')).not.toBe(document.body));
  });
});

describe('coming back to a job', () => {
  const LONG_AGO_MS = 25 * 60_000;
  const aWhileAgo = (log: Written) =>
    log.entries.map((entry) => {
      const at = new Date(Date.parse(entry.at) - LONG_AGO_MS).toISOString();
      return { ...entry, at, receivedAt: at };
    });
  const proved = () =>
    yard()
      .write('circuitListed', { circuitId: 'b7', sharedNeutral: 'no' })
      .write('deadProved', { circuitId: 'b7', placeId: 'box', ...DEAD_MAINS })
      .write('stepTicked', { pointId: 'yard', stepId: 'box-open', touches: 'mains', placeId: 'box', how: 'done' });
  it('asks whether somebody was away while a mains proof of theirs stands, and ends it where they were', async () => {
    const { user, ready, kept, written, job } = openJob(aWhileAgo(proved()), { rung: 'wire' });
    await ready();
    expect(plate()).toContain('PROVED DEAD');
    await user.click(press('I was away: prove it again'));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'cameBack' });
    await waitFor(() => expect(plate()).not.toContain('PROVED DEAD'));
    expect(screen.queryByText('Back at the work?')).toBeNull();
    expect(job().circuits[0]?.proofs[0]).toMatchObject({ stands: false, why: 'away' });
  });
  it('goes on where they stood at it, and the answer is written', async () => {
    const { user, ready, kept, written, job } = openJob(aWhileAgo(proved()), { rung: 'wire' });
    await ready();
    await user.click(press('I stood at it all the time'));
    await kept();
    expect(written()[0]).toMatchObject({ kind: 'stayedAtWork' });
    expect(screen.queryByText('Back at the work?')).toBeNull();
    expect(job().circuits[0]?.proofs[0]).toMatchObject({ stands: true });
  });
  it('asks nothing of somebody who has just written, nor where only the bell side was proved', async () => {
    const first = openJob(proved().entries, { rung: 'wire' });
    await first.ready();
    expect(screen.queryByText('Back at the work?')).toBeNull();
    await close();
    const bell = off().write('deadProved', { circuitId: 'b7', placeId: 's', ...DEAD_BELL });
    const { ready } = openJob(aWhileAgo(bell), { rung: 'isolate' });
    await ready();
    expect(screen.queryByText('Back at the work?')).toBeNull();
  });
});

describe('a hunt for the breaker', () => {
  const board = () => begun().write('boardListed', { boardId: 'main', name: 'panel', ways: 8 });
  it('proposes which to drop, halves what is left by each answer, and names the one', async () => {
    const { user, ready, kept, written } = isolate(board());
    await ready();
    for (let test = 0; test < 8; test++) {
      const died = screen.queryByTestId('died');
      if (!died) break;
      await user.click(died);
      await kept();
      await waitFor(() => expect(written()).toHaveLength(test + 1));
    }
    const naming = await screen.findByRole('button', { name: /^Name .* as the circuit/ });
    await user.click(naming);
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'circuitListed', data: { foundBy: 'hunt' } });
    expect(written().length).toBeLessThanOrEqual(5);
  });
  it('takes an answer back, and asks it again', async () => {
    const { user, ready, kept, written } = isolate(board());
    await ready();
    const asked = () => document.querySelector('.drop-set')?.textContent;
    const first = asked();
    await user.click(screen.getByTestId('still-on'));
    await kept();
    await waitFor(() => expect(asked()).not.toBe(first));
    await user.click(press(/^take back/));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'entryStruck' });
    await waitFor(() => expect(asked()).toBe(first));
  });
  it('asks for the board where none is listed', async () => {
    const { user, ready } = isolate(begun());
    await ready();
    await user.click(press(/^List the breaker panel/));
    expect(await screen.findByLabelText('how many ways')).toBeTruthy();
  });
});
