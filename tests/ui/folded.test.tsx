/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { close, openJob, reload } from './onScreen';
import { allPoints, siteOf } from './firm';

afterEach(close);

const row = (id: string) => within(document.querySelector<HTMLElement>(`[data-check=${id}]`) ?? document.body);
const value = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;

// A page may fold a question away once its answer is known: never while the answer is typed, and not over a reload
describe('what is folded away until it is wanted', () => {
  it('stays under the hand while a code is typed before mounting, and is kept whole', async () => {
    const eave = allPoints.find(({ at }) => at === 'Curlew Barn, Eave, outlet');
    const { user, ready, kept, written } = openJob(eave?.entries ?? [], {
      pointId: eave?.pointId ?? '',
      rung: 'mount',
    });
    await ready();
    await user.type(screen.getByLabelText('what its code says'), 'CAM-77');
    // What is typed counts as answered: the next move is another one, and the field is still there
    await waitFor(() => expect(screen.getAllByRole('status')[0]?.textContent).toContain('typed'));
    expect(value('what its code says')).toBe('CAM-77');
    await user.keyboard('{Enter}');
    await kept();
    expect(written().at(-1)?.data).toMatchObject({ code: 'CAM-77', codeReadBy: 'hand' });
    expect(screen.getByTestId('code-before').textContent).toContain('CAM-77');
  });
  it('opens at the check whose failure was half told when the page was put away, and closes by hand', async () => {
    const answered = siteOf('Oyster Quay 5', ({ kind }) => kind === 'checkDone');
    const first = openJob(answered, { rung: 'prove' });
    await first.ready();
    await first.user.click(row('ring').getByRole('button', { name: 'do it now' }));
    await first.user.click(row('ring').getByRole('button', { name: 'Failed' }));
    await first.user.type(row('ring').getByLabelText('why failed'), 'hums');
    reload();
    const again = openJob(answered, { rung: 'prove' });
    await again.ready();
    await waitFor(() => expect(value('why failed')).toBe('hums'));
    await again.user.click(row('ring').getByRole('button', { name: 'Answer otherwise' }));
    expect(screen.queryByLabelText('why failed')).toBeNull();
    // Nothing of it is left that a third page would give back
    await waitFor(() => expect(row('ring').getByRole('button', { name: 'do it now' })).toBeTruthy());
  });
});
