import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import { extract, pack, type Pack } from 'tar-stream';
import { parseContainer, JOB_CONTAINER_FORMAT, JOB_CONTAINER_VERSION, type JobContainer } from '@/contract/job';
import { ProblemError } from '@/contract/problem';
import type { Job } from '@/core/job';
import type { Database } from '../db/open';
import type { FileStore } from '../files';
import type { Store } from '../store';
import { importLog } from './jobFile';
import { jobLog } from './jobLog';

// A job with all its photos as one archive: `entries.json`, then every file under its hash. Streamed both ways: however many
// photos there are, one piece of one of them is in memory at a time. Its form stands in docs/formats.

const ENTRIES_NAME = 'entries.json';
const FILE_NAME = /^files\/([0-9a-f]{64})$/;
/** Largest list of entries, and largest file, in a container. */
const MOST_BYTES = { entries: 64 * 1024 * 1024, file: 64 * 1024 * 1024 } as const;

const damaged = (detail: string): ProblemError => new ProblemError(422, detail, [{ path: '', message: 'is damaged' }]);

/** Puts a file into an archive, piece by piece. */
const putFile = (archive: Pack, name: string, place: string, size: number): Promise<void> =>
  new Promise((resolve, reject) => {
    const entry = archive.entry({ name, size, mtime: new Date(0) }, (error) => (error ? reject(error) : resolve()));
    createReadStream(place).on('error', reject).pipe(entry);
  });

async function fill(archive: Pack, files: FileStore, container: JobContainer): Promise<void> {
  const text = Buffer.from(JSON.stringify(container));
  await new Promise<void>((resolve, reject) => {
    archive.entry({ name: ENTRIES_NAME, size: text.length, mtime: new Date(0) }, text, (error) =>
      error ? reject(error) : resolve(),
    );
  });
  for (const sha256 of new Set(container.attachments.map((one) => one.sha256)))
    await putFile(archive, `files/${sha256}`, files.placeOf(sha256), await files.sizeOf(sha256));
  archive.finalize();
}

/** A job as a container, as it is read. @throws ProblemError 404 */
export async function containerOf(
  db: Database,
  files: FileStore,
  jobId: string,
): Promise<{ readonly title: string; readonly stream: Readable }> {
  const { head, entries } = await jobLog(db, jobId);
  const rows = await db.selectFrom('attachments').selectAll().where('job_id', '=', jobId).orderBy('id').execute();
  const archive = pack();
  const container: JobContainer = {
    format: JOB_CONTAINER_FORMAT,
    version: JOB_CONTAINER_VERSION,
    job: { id: head.id, createdAt: head.createdAt, title: head.title },
    entries,
    attachments: rows.map(({ id, media_type: mediaType, sha256 }) => ({ id, mediaType, sha256 })),
  };
  fill(archive, files, container).catch((error: unknown) =>
    archive.destroy(error instanceof Error ? error : new Error(String(error))),
  );
  return { title: head.title, stream: archive };
}

async function textOf(entry: AsyncIterable<Buffer>): Promise<string> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of entry) {
    size += part.length;
    if (size > MOST_BYTES.entries) throw new ProblemError(413, 'The list of entries of this container is too large.');
    parts.push(part);
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(parts));
  } catch {
    throw damaged('The entries of this container are not text in UTF-8.');
  }
}

function readContainer(text: string): JobContainer {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw damaged('The entries of this container are no JSON, or were cut off.');
  }
  return parseContainer(value);
}

/**
 * Takes a container in: its files first, each held against its name, then the job as from a job file.
 * @throws ProblemError 400, 413, 422 where it is none, too large, or damaged · 409 as for a job file
 */
export async function takeContainer(
  { db, clock, files }: Store,
  body: ReadableStream<Uint8Array>,
): Promise<{ readonly made: boolean; readonly job: Job }> {
  const archive = extract();
  const reading = Readable.fromWeb(body as Parameters<typeof Readable.fromWeb>[0]);
  reading.on('error', (error) => archive.destroy(error));
  reading.pipe(archive);
  let container: JobContainer | null = null;
  try {
    for await (const entry of archive) {
      const { name } = entry.header;
      if (container === null) {
        if (name !== ENTRIES_NAME) throw damaged('This is no container of a job: it does not begin with its entries.');
        container = readContainer(await textOf(entry));
        continue;
      }
      const sha256 = FILE_NAME.exec(name)?.[1];
      if (sha256 === undefined || !container.attachments.some((one) => one.sha256 === sha256))
        throw damaged(`The container holds “${name.slice(0, 80)}”, which none of its entries names.`);
      if (!(await files.keepStream(sha256, entry, MOST_BYTES.file)))
        throw damaged(`The file ${sha256} of this container is damaged: it is not what its name says.`);
    }
  } catch (error) {
    if (error instanceof ProblemError) throw error;
    throw damaged('This is no container of a job, or it was cut off. Nothing was taken in.');
  } finally {
    reading.destroy();
  }
  if (container === null) throw damaged('This is no container of a job, or it was cut off.');
  const missing = container.attachments.find(({ sha256 }) => !files.has(sha256));
  if (missing) throw damaged(`The file ${missing.sha256} is missing from this container.`);
  return importLog({ db, clock }, container);
}
