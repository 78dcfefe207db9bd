import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Server } from './server';

interface Listed {
  readonly id: string;
  readonly title: string;
}

const json = async (address: string): Promise<unknown> => (await fetch(address)).json();

/** What an entry says, without what the server that has it added. */
const saidIn = (log: unknown) =>
  (log as { entries: Record<string, unknown>[] }).entries.map(({ seq: _seq, receivedAt: _received, ...said }) => said);

describe('over the open interface', () => {
  const here = new Server();
  const there = new Server();
  let jobs: readonly Listed[] = [];
  beforeAll(async () => {
    here.fill();
    await here.start();
    await there.start();
    jobs = ((await json(`${here.url}/api/v1/jobs?limit=50`)) as { jobs: Listed[] }).jobs;
  });
  afterAll(async () => {
    for (const server of [here, there]) {
      await server.stop();
      server.clear();
    }
  });

  it('whatever can be read of a job is read, of every job', async () => {
    const { paths } = (await json(`${here.url}/api/v1/openapi.json`)) as {
      paths: Record<string, Record<string, { responses: Record<string, { content: object }> }>>;
    };
    const readable = Object.entries(paths).filter(
      ([path, methods]) =>
        methods.get &&
        path.replace('{id}', '').match(/[{]/) === null &&
        !path.includes('/sim/') &&
        // Where nobody signs in there are none; the whole firm is taken out by a test of its own
        !['/api/v1/sessions', '/api/v1/session/passkeys', '/api/v1/firm'].includes(path),
    );
    expect(readable.length).toBeGreaterThan(8);
    const wrong: unknown[] = [];
    for (const { id } of jobs)
      for (const [path, { get }] of readable) {
        const answer = await fetch(`${here.url}${path.replace('{id}', id)}`);
        const promised = Object.keys(get?.responses['200']?.content ?? {})[0];
        const type = answer.headers.get('content-type')?.split(';')[0];
        // News come for as long as somebody listens
        if (type === 'text/event-stream') await answer.body?.cancel();
        else await answer.arrayBuffer();
        if (answer.status !== 200 || type !== promised) wrong.push([path, id, answer.status, type]);
      }
    expect(wrong).toEqual([]);
  });

  it.each([
    ['file', 'application/json'],
    ['container', 'application/x-tar'],
  ])('each job leaves as a %s and arrives whole at another server', async (form, type) => {
    for (const { id, title } of jobs) {
      const leaving = await fetch(`${here.url}/api/v1/jobs/${id}/${form}`);
      const body = new Uint8Array(await leaving.arrayBuffer());
      const taken = await fetch(`${there.url}/api/v1/jobs/import`, {
        method: 'POST',
        headers: { 'content-type': type },
        body,
      });
      expect([title, [200, 201].includes(taken.status)]).toEqual([title, true]);
      const [before, after] = await Promise.all(
        [here, there].map(({ url }) => json(`${url}/api/v1/jobs/${id}/entries`)),
      );
      expect(saidIn(after).map((one) => ({ ...one, imported: undefined }))).toEqual(
        saidIn(before).map((one) => ({ ...one, imported: undefined })),
      );
      const photos = JSON.stringify(before).match(/"sha256":"[0-9a-f]{64}"/g) ?? [];
      for (const photo of photos) {
        const answer = await fetch(`${there.url}/api/v1/jobs/${id}/photos/${photo.slice(10, -1)}`);
        expect([title, answer.status]).toEqual([title, 200]);
      }
    }
  });
});
