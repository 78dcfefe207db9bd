/** @vitest-environment jsdom */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { screen, waitFor, within } from '@testing-library/react';
import { Written, answering, close, openJob, reload } from './onScreen';

afterEach(close);

const begun = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' });
const open = () => openJob(begun().entries, { rung: 'look', area: 'door' });
const status = () => screen.getAllByRole('status')[0]?.textContent;
const refusal = (detail: string, status = 422) => answering({ title: 'Refused', status, detail, errors: [] }, status);
const gone = () => {
  throw new TypeError('fetch failed');
};

describe('what is written', () => {
  it('is kept once the server has given it a number, and not before', async () => {
    const { user, ready, server, kept } = open();
    await ready();
    let letGo = () => undefined as void;
    const held = new Promise<void>((resolve) => {
      letGo = resolve;
    });
    const answers = globalThis.fetch;
    globalThis.fetch = async (to, init) => {
      if (init?.method === 'POST') await held;
      return answers(to, init);
    };
    await user.click(screen.getByText('brick'));
    await waitFor(() => expect(status()).toBe('keeping…'));
    letGo();
    await kept();
    expect(server.log.at(-1)).toMatchObject({ kind: 'pointDescribed', data: { wall: 'brick' } });
  });
  it('stands at once, though the server is away, and goes when it answers again', async () => {
    const { user, ready, server, kept, written } = open();
    await ready();
    server.instead = gone;
    await user.click(screen.getByText('brick'));
    await waitFor(() => expect(status()).toBe('kept here'));
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'brick' }).checked).toBe(true);
    expect(written()).toEqual([]);
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await kept();
    expect(written()).toHaveLength(1);
    expect(screen.queryByRole('button', { name: 'Try now' })).toBeNull();
  });
  it('outlives the page: what could not be sent is sent by the next visit', async () => {
    const first = open();
    await first.ready();
    first.server.instead = gone;
    await first.user.click(screen.getByText('brick'));
    await waitFor(() => expect(status()).toBe('kept here'));
    first.unmount();
    const again = open();
    await again.ready();
    await again.kept();
    await waitFor(() => expect(again.written().map(({ data }) => data)).toEqual([{ pointId: 'front', wall: 'brick' }]));
  });
  it('is sent in its order, each once, however often it is tried', async () => {
    const { user, ready, server, kept, written } = open();
    await ready();
    server.instead = gone;
    await user.click(screen.getByText('brick'));
    await user.click(screen.getByText('timber'));
    await waitFor(() => expect(status()).toBe('kept here'));
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await kept();
    expect(written().map(({ data }) => data)).toEqual([
      { pointId: 'front', wall: 'brick' },
      { pointId: 'front', wall: 'timber' },
    ]);
  });
});

describe('somebody who speaks in the server’s place', () => {
  it.each([
    ['a page in answer to everything', () => answering(undefined)],
    ['an answer of another form', () => answering({ welcome: 'guest' })],
    ['numbers for other entries', () => answering({ entries: [{ id: 'another', seq: 1 }] })],
    ['a failure of a gateway', () => answering(undefined, 502)],
    ['a foreign refusal', () => answering({ error: 'log in first' }, 403)],
  ])('is not believed: %s', async (_what, instead) => {
    const { user, ready, server, kept, written } = open();
    await ready();
    server.instead = instead;
    await user.click(screen.getByText('brick'));
    await waitFor(() => expect(status()).toBe('kept here'));
    expect(written()).toEqual([]);
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await kept();
    expect(written()).toHaveLength(1);
  });
});

describe('a fault of the server', () => {
  it('is told as such, and what was written is sent again', async () => {
    const { user, ready, server, kept, written } = open();
    await ready();
    server.instead = () => refusal('The disk is full.', 507);
    await user.click(screen.getByText('brick'));
    await screen.findByText(/The server had a fault/);
    expect(status()).toBe('not kept yet');
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await kept();
    expect(written()).toHaveLength(1);
  });
});

describe('what is typed', () => {
  const lead = () =>
    screen.getAllByLabelText<HTMLInputElement>('lead reaches out of the hole', { selector: 'input' })[0];
  it('outlives the page from its first character, and nothing is called kept beside it', async () => {
    const first = openJob(begun().entries, { rung: 'look', area: 'plate' });
    await first.ready();
    await first.user.type(lead() ?? document.body, '9 c');
    expect(status()).toBe('typed, not kept yet');
    reload();
    const again = openJob(begun().entries, { rung: 'look', area: 'plate' });
    await again.ready();
    await waitFor(() => expect(lead()?.value).toBe('9 c'));
    expect(status()).toBe('typed, not kept yet');
    await again.user.type(lead() ?? document.body, 'm{Enter}');
    await again.kept();
    expect(again.written()).toMatchObject([{ data: { leadReachM: 0.09 } }]);
    // Written it is not given back once more
    reload();
    const third = openJob(again.server.log, { rung: 'look', area: 'plate' });
    await third.ready();
    expect(status()).toBe('kept');
  });
  it('is named where its form is not shown, and can be thrown away', async () => {
    const first = openJob(begun().entries, { rung: 'look', area: 'plate' });
    await first.ready();
    await first.user.type(lead() ?? document.body, '12 cm');
    reload();
    const { user, ready, kept } = open();
    await ready();
    expect((await screen.findByText(/Typed and not kept/)).textContent).toContain('“12 cm”');
    await user.click(screen.getByRole('button', { name: 'Throw it away' }));
    await kept();
    expect(screen.queryByText(/Typed and not kept/)).toBeNull();
  });
});

describe('an entry that the server refuses', () => {
  it('says why, keeps its place, and can be sent again', async () => {
    const { user, ready, server, kept, written } = open();
    await ready();
    server.instead = () => refusal('The site is closed.');
    await user.click(screen.getByText('brick'));
    const told = await screen.findByText(/Not kept/);
    expect(told.textContent).toBe('Not kept, door: The site is closed. wall brick');
    expect(status()).not.toBe('kept');
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Send again' }));
    await kept();
    expect(written()).toHaveLength(1);
  });
  it('can be dropped, and is gone for good', async () => {
    const { user, ready, server, written } = open();
    await ready();
    server.instead = () => refusal('The site is closed.');
    await user.click(screen.getByText('brick'));
    await screen.findByText(/Not kept/);
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Drop it' }));
    await waitFor(() => expect(status()).toBe('kept'));
    expect(written()).toEqual([]);
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'brick' }).checked).toBe(false);
  });
  it('holds back no other one', async () => {
    const { user, ready, server, written } = open();
    await ready();
    const answers = globalThis.fetch;
    globalThis.fetch = (to, init) =>
      init?.method === 'POST' && typeof init.body === 'string' && init.body.includes('brick')
        ? Promise.resolve(refusal('No brick here.') as Response)
        : answers(to, init);
    await user.click(screen.getByText('brick'));
    await screen.findByText(/No brick here/);
    const even = screen.getByRole('radiogroup', { name: /even/ });
    await user.click(within(even).getAllByText('yes')[0] ?? even);
    await waitFor(() => expect(written()).toHaveLength(1));
    expect(server.log.at(-1)?.data).toMatchObject({ even: 'yes' });
    expect(screen.getByText(/Not kept, door/)).toBeTruthy();
  });
});

describe('a batch that is refused for one of its entries', () => {
  it('is sent one by one: the others go, that one stays with its reason', async () => {
    const { user, ready, server, written } = open();
    await ready();
    server.instead = gone;
    await user.click(screen.getByText('brick'));
    const even = screen.getByRole('radiogroup', { name: /even/ });
    await user.click(within(even).getAllByText('yes')[0] ?? even);
    await waitFor(() => expect(status()).toBe('kept here'));
    server.instead = null;
    const answers = globalThis.fetch;
    globalThis.fetch = (to, init) =>
      typeof init?.body === 'string' && init.body.includes('brick')
        ? Promise.resolve(refusal('No brick here.') as Response)
        : answers(to, init);
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await screen.findByText(/No brick here/);
    await waitFor(() => expect(written().map(({ data }) => data)).toEqual([{ pointId: 'front', even: 'yes' }]));
  });
});

describe('what others write', () => {
  it('is seen beside what waits here, and numbers stay as the server gave them', async () => {
    const { user, ready, server, kept, job } = open();
    await ready();
    const theirs = begun().write('pointDescribed', { pointId: 'front', wall: 'timber' }).entries.at(-1);
    if (theirs) server.log.push({ ...theirs, seq: server.log.length + 1 });
    const even = screen.getByRole('radiogroup', { name: /even/ });
    await user.click(within(even).getAllByText('yes')[0] ?? even);
    await kept();
    await waitFor(() => expect(screen.getByRole<HTMLInputElement>('radio', { name: 'timber' }).checked).toBe(true));
    expect(job().points[0]).toMatchObject({ look: { wall: 'timber', even: 'yes' } });
    expect(server.log.map(({ seq }) => seq)).toEqual([1, 2, 3, 4]);
  });
});

describe('undo', () => {
  it('strikes one’s own last act, and says what it takes', async () => {
    const { user, ready, kept, written, job } = open();
    await ready();
    await user.click(screen.getByText('brick'));
    await kept();
    await user.click(await screen.findByRole('button', { name: 'undo door' }));
    await kept();
    expect(written().at(-1)).toMatchObject({ kind: 'entryStruck', data: { target: written()[0]?.id } });
    expect(job().points[0]).not.toMatchObject({ look: { wall: 'brick' } });
  });
});

describe('a browser that can keep nothing', () => {
  it('says so, and calls nothing kept that neither it nor the server has', async () => {
    const { user, ready, server, kept, written } = open();
    await ready();
    const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('the disk is full', 'QuotaExceededError');
    });
    server.instead = gone;
    await user.click(screen.getByText('brick'));
    await screen.findByText(/This browser can’t keep what you write.*QuotaExceededError/);
    await waitFor(() => expect(status()).toBe('not kept yet'));
    server.instead = null;
    await user.click(screen.getByRole('button', { name: 'Try now' }));
    await kept();
    expect(written()).toHaveLength(1);
    put.mockRestore();
  });
});
