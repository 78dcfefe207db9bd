// What a day in the field costs: a whole day’s entries and pictures sent at once, and lines of news that stay open.
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';

const BY = { id: 'ines', name: 'Ines' };
const ENTRIES = 500;
const PHOTOS = 20;
const STREAMS = 200;
const APPENDS = 40;

const middle = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** Memory of a process, MB. Linux alone tells it. */
const memory = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? NaN) / 1000;

const timed = async (work) => {
  const start = performance.now();
  await work();
  return performance.now() - start;
};

/** @returns lines of figures, `[what, figure]` */
export async function benchField(url, pid) {
  const api = `${url}/api/v1`;
  const post = async (path, body, type = 'application/json') => {
    const answer = await fetch(`${api}${path}`, { method: 'POST', body, headers: { 'content-type': type } });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  const newJob = async () => {
    const id = randomUUID();
    await post('/jobs', JSON.stringify({ id, at: new Date().toISOString(), by: BY, title: 'Bench in the field' }));
    return id;
  };
  const note = (n) => ({
    id: randomUUID(),
    kind: 'noteWritten',
    version: 1,
    at: new Date(Date.now() - 1000).toISOString(),
    by: BY,
    data: { text: `said on the way, ${n}` },
  });
  const notes = (count) => JSON.stringify({ entries: Array.from({ length: count }, (_, n) => note(n)) });
  const append = async (job, runs) => {
    const times = [];
    for (let i = 0; i < runs; i++) times.push(await timed(() => post(`/jobs/${job}/entries`, notes(1))));
    return middle(times);
  };

  const job = await newJob();
  const one = await append(job, APPENDS);
  const day = await timed(() => post(`/jobs/${job}/entries`, notes(ENTRIES)));
  const pictures = await Promise.all(
    Array.from({ length: PHOTOS }, (_, n) =>
      sharp({ create: { width: 1600, height: 1200, channels: 3, background: { r: 9 * n, g: 90, b: 60 } } })
        .jpeg()
        .toBuffer(),
    ),
  );
  const photos = await timed(async () => {
    for (const picture of pictures) await post(`/jobs/${job}/photos`, picture, 'image/jpeg');
  });

  const before = memory(pid);
  const other = await newJob();
  const ends = new AbortController();
  const lines = await Promise.all(
    Array.from({ length: STREAMS }, async () =>
      (await fetch(`${api}/jobs/${other}/news`, { signal: ends.signal })).body?.getReader(),
    ),
  );
  for (const reader of lines)
    void (async () => {
      while (!(await reader.read()).done);
    })().catch(() => undefined);
  const busy = await append(other, APPENDS);
  const held = memory(pid) - before;
  ends.abort();
  return [
    [`${ENTRIES} entries of a day off, kept`, `${day.toFixed(0)} ms, as ${(day / one).toFixed(1)} single ones`],
    [
      `  with ${PHOTOS} photos of two megapixels`,
      `${((day + photos) / 1000).toFixed(1)} s, ${(photos / PHOTOS).toFixed(0)} ms a photo`,
    ],
    [`one entry while ${STREAMS} listen to its job`, `${(busy / one).toFixed(1)} times that of nobody listening`],
    ['  a line of news holds', `${((held * 1000) / STREAMS).toFixed(0)} kB of the server’s memory`],
  ];
}
