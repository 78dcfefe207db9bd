import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { newEntry } from '@/core/kinds';
import { Server } from './server';

const BY = { id: 'ines', name: 'Ines' };

const post = (server: Server, path: string, body: object): Promise<Response> =>
  fetch(`${server.url}/api/v1${path}`, { method: 'POST', body: JSON.stringify(body) });

async function jobIn(server: Server): Promise<string> {
  const id = v7();
  const made = await post(server, '/jobs', { id, at: new Date().toISOString(), by: BY, title: 'Turnstone Quay' });
  expect(made.status).toBe(201);
  return id;
}

/** Notes of so many letters, as they are sent. */
const notes = (count: number, letters: number) =>
  Array.from({ length: count }, (_, n) =>
    newEntry(
      'noteWritten',
      { text: `${n} `.padEnd(letters, 'wasps ') },
      { id: v7(), at: new Date(Date.now() - 1000).toISOString(), by: BY },
    ),
  );

const idsOf = async (server: Server, jobId: string): Promise<readonly string[]> => {
  const { entries } = (await (await fetch(`${server.url}/api/v1/jobs/${jobId}/entries`)).json()) as {
    entries: { id: string }[];
  };
  return entries.map(({ id }) => id);
};

describe('a disk that takes no more', () => {
  const server = new Server({}, 'ulimit -f 3000');
  beforeAll(() => server.start());
  afterAll(async () => {
    await server.stop();
    server.clear();
  });
  it('is told, nothing that was acknowledged is lost, and with room it goes on', async () => {
    const jobId = await jobIn(server);
    const kept: string[] = [];
    const refused: { status: number; detail: string }[] = [];
    for (let n = 0; n < 60 && refused.length < 3; n++) {
      const entries = notes(100, 900);
      const answer = await post(server, `/jobs/${jobId}/entries`, { entries });
      if (answer.ok) kept.push(...entries.map(({ id }) => id));
      else refused.push((await answer.json()) as { status: number; detail: string });
    }
    expect(kept.length).toBeGreaterThan(0);
    expect(refused.length).toBe(3);
    for (const one of refused)
      expect([one.status, one.detail]).toEqual([507, expect.stringContaining('nothing was written')]);
    // It is there, and can be read
    expect(await idsOf(server, jobId)).toEqual(kept);
    await server.stop('SIGKILL');
    server.within = null;
    await server.start();
    expect(await idsOf(server, jobId)).toEqual(kept);
    const entries = notes(2, 40);
    expect((await post(server, `/jobs/${jobId}/entries`, { entries })).status).toBe(200);
    expect(await idsOf(server, jobId)).toEqual([...kept, ...entries.map(({ id }) => id)]);
  });
});

/** Makes the folder `$1` one that nobody writes to. To root only a mount is that, seen by the program alone; to others its mode. */
const CLOSED =
  process.getuid?.() === 0
    ? `exec unshare -m bash -c 'mount --bind "$1" "$1" && mount -o remount,ro,bind "$1" && shift && exec "$@"' bash "$@"`
    : 'chmod -R a-w "$1"';

describe('a folder that can’t be written to', () => {
  const server = new Server({}, CLOSED);
  afterAll(() => server.clear());
  it('is told in one sentence, and the program ends', async () => {
    server.fill();
    await expect(server.start()).rejects.toThrow('can’t be written to: look at whose it is');
    expect(server.said).not.toMatch(/\n\s+at /);
  });
});

describe('five hundred lines of news', () => {
  const server = new Server();
  beforeAll(() => server.start());
  afterAll(async () => {
    await server.stop();
    server.clear();
  });
  it('all hear of an entry, hold up nobody else, and leave nothing behind', async () => {
    const jobId = await jobIn(server);
    const end = new AbortController();
    const lines = await Promise.all(
      Array.from({ length: 500 }, () =>
        fetch(`${server.url}/api/v1/jobs/${jobId}/news?as=tomas`, { signal: end.signal }),
      ),
    );
    expect(new Set(lines.map(({ status }) => status))).toEqual(new Set([200]));
    const heard = lines.map(async ({ body }) => {
      const reader = body?.getReader();
      const text = new TextDecoder();
      for (let said = ''; !said.includes('"last":');) {
        const part = await reader?.read();
        if (!part || part.done) return false;
        said += text.decode(part.value, { stream: true });
      }
      return true;
    });
    expect((await post(server, `/jobs/${jobId}/entries`, { entries: notes(1, 40) })).status).toBe(200);
    expect((await fetch(`${server.url}/`)).status).toBe(200);
    expect(await Promise.all(heard)).toEqual(lines.map(() => true));
    end.abort();
    // Nobody is taken for being there any more
    const again = new AbortController();
    const line = await fetch(`${server.url}/api/v1/jobs/${jobId}/news?as=ines`, { signal: again.signal });
    await new Promise((resolve) => setTimeout(resolve, 3000));
    const first = await line.body?.getReader().read();
    again.abort();
    expect(new TextDecoder().decode(first?.value as Uint8Array)).not.toContain('tomas');
    expect((await post(server, `/jobs/${jobId}/entries`, { entries: notes(1, 40) })).status).toBe(200);
  });
});
