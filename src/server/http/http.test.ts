import { afterEach, describe, expect, it } from 'vitest';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ProblemError } from '@/contract/problem';
import { readJson } from './body';
import { guard, isOwnHost } from './guard';
import { answer, route, wholeNumber, notAllowed, notThere } from './route';

const statusOf = async (run: () => unknown): Promise<number> => {
  try {
    await run();
  } catch (error) {
    if (error instanceof ProblemError) return error.status;
    throw error;
  }
  return 200;
};
const request = (headers: Record<string, string>, method = 'GET', body?: BodyInit) =>
  new Request('http://127.0.0.1:4310/x', {
    method,
    headers: { host: '127.0.0.1:4310', ...headers },
    ...(body === undefined ? {} : { body }),
  });

describe('the guard', () => {
  afterEach(() => {
    delete process.env.FOX_LADDER_HOSTS;
  });
  it('knows this machine by its own names, and further ones that were allowed', () => {
    for (const host of ['127.0.0.1:4310', 'localhost', 'LOCALHOST:80', '[::1]:4310'])
      expect(isOwnHost(host)).toBe(true);
    for (const host of ['', 'evil.example', '127.0.0.1.evil.example', 'van.local']) expect(isOwnHost(host)).toBe(false);
    process.env.FOX_LADDER_HOSTS = 'van.local,office.local';
    expect(isOwnHost('van.local:4310')).toBe(true);
  });
  it('lets reads and own writes through, and no page from elsewhere write', async () => {
    expect(await statusOf(() => guard(request({})))).toBe(200);
    expect(await statusOf(() => guard(request({}, 'POST')))).toBe(200);
    expect(await statusOf(() => guard(request({ origin: 'http://127.0.0.1:4310' }, 'POST')))).toBe(200);
    for (const origin of ['http://evil.example', 'http://127.0.0.1:9999', 'null'])
      expect(await statusOf(() => guard(request({ origin }, 'POST')))).toBe(403);
    expect(await statusOf(() => guard(request({ host: 'evil.example' })))).toBe(403);
  });
});

describe('bodies', () => {
  const post = (body: BodyInit) => request({}, 'POST', body);
  it('are read as JSON', async () => {
    expect(await readJson(post('{"a":[1,2]}'), 1000)).toEqual({ a: [1, 2] });
  });
  it.each([
    ['nothing', '', 400],
    ['half of it', '{"a":', 400],
    ['bytes that are no text', new Uint8Array([0x22, 0xff, 0x22]), 400],
    ['more than is taken', `"${'x'.repeat(2000)}"`, 413],
  ])('are refused: %s', async (_what, body, status) => {
    expect(await statusOf(() => readJson(post(body), 1000))).toBe(status);
  });
  it('are counted while they come, whatever the header claims', async () => {
    const stream = new ReadableStream({
      pull(controller) {
        controller.enqueue(new Uint8Array(600));
      },
    });
    const endless = new Request('http://127.0.0.1/x', { method: 'POST', body: stream, duplex: 'half' } as RequestInit);
    expect(await statusOf(() => readJson(endless, 1000))).toBe(413);
  });
});

describe('a route', () => {
  // Its log goes beside the data, and a test has none
  process.env.FOX_LADDER_DATA = mkdtempSync(path.join(tmpdir(), 'fox-ladder-http-'));
  const context = { params: Promise.resolve({ id: 'a' }) };
  it('answers JSON that nobody keeps', async () => {
    const response = await route((_request, { id }) => Promise.resolve(answer({ id })))(request({}), context);
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(await response.json()).toEqual({ id: 'a' });
  });
  it('without a part that changes is handed nothing, with the rest of an address all of it', async () => {
    const said = async (params: Record<string, string[]> | undefined): Promise<unknown> => {
      const told = route((_request, parts) => Promise.resolve(answer(parts)));
      return (await told(request({}), { params: Promise.resolve(params) })).json();
    };
    expect(await said(undefined)).toEqual({});
    expect(await said({ path: ['a', 'b'] })).toEqual({ path: 'a/b' });
  });
  it('tells an unknown address and an odd method in words', async () => {
    const nowhere = await notThere(request({}), context);
    expect([nowhere.status, await nowhere.text()]).toEqual([404, expect.stringContaining('There is nothing at')]);
    expect((await notAllowed(request({}), context)).status).toBe(405);
  });
  it('names a full disk, and gives each answer the id of its line in the log', async () => {
    const full = Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
    const refused = await route(() => Promise.reject(full))(request({}), context);
    expect([refused.status, await refused.text()]).toEqual([
      507,
      expect.stringContaining('disk of the server is full'),
    ]);
    expect(refused.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/);
  });
  it('tells a refusal as a problem, and a fault without its insides', async () => {
    const refused = await route(() => Promise.reject(new ProblemError(422, 'No.')))(request({}), context);
    expect(refused.status).toBe(422);
    expect(refused.headers.get('content-type')).toBe('application/problem+json');
    const failed = await route(() => Promise.reject(new Error('secret path')))(request({}), context);
    expect(failed.status).toBe(500);
    expect(await failed.text()).not.toContain('secret');
  });
  it('takes whole numbers within limits from the query', () => {
    const limits = { standard: 50, least: 1, most: 200 };
    const number = (query: string) => wholeNumber(new URLSearchParams(query), 'limit', limits);
    expect(number('')).toBe(50);
    expect(number('limit=7')).toBe(7);
    for (const query of ['limit=x', 'limit=1.5', 'limit=', 'limit=0', 'limit=201'])
      expect(() => number(query)).toThrow(ProblemError);
  });
});
