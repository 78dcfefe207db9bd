import { array, boolean, mixed, number, string } from 'yup';
import {
  ENTRY_KINDS,
  ISO_TIME,
  TEXT,
  isEntryKind,
  lifted,
  newEntry,
  versionOf,
  type Entry,
  type EntryData,
  type NewEntry,
} from '@/core/kinds';
import { exact } from './exact';
import { parse, walk, type Validating } from './parse';
import { ProblemError } from './problem';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** What a client names things by. */
export const uuid = () => string().matches(UUID, 'is not a UUID').defined();
const realTime = (text: string | undefined): boolean => text === undefined || !Number.isNaN(Date.parse(text));
const time = () =>
  string()
    .matches(ISO_TIME, 'is not a time in ISO 8601 with its offset')
    .test('calendar', 'is no day of the calendar', realTime)
    .defined();
const person = () => exact({ id: string().min(1).max(64).defined(), name: string().min(1).max(TEXT.short).defined() });
const title = () => string().trim().min(1).max(TEXT.short).defined();

/** Request of POST /api/v1/jobs. */
export const newJobRequest = exact({ id: uuid(), at: time(), by: person(), title: title() });
export type NewJobRequest = ReturnType<typeof newJobRequest.validateSync>;

/** Request of POST /api/v1/jobs/{id}/erase: who erases, and the job’s title, so that no other is meant. */
export const eraseRequest = exact({ by: person(), title: title() });
export type EraseRequest = ReturnType<typeof eraseRequest.validateSync>;

const envelope = {
  id: uuid(),
  at: time(),
  by: person(),
  kind: string().defined(),
  /** Of the kind; left out: 1. */
  version: number().integer().min(1).optional(),
  data: mixed().defined(),
  corrects: uuid().optional(),
  /** The highest number of this job that the writer’s device knew: 0 for none; left out: all up to its own. */
  seen: number().integer().min(0).optional(),
};
/** What every entry carries that a client writes. */
export const entryEnvelope = exact(envelope);
/** In a file an entry carries what a server had added. */
const filedEnvelope = exact({
  ...envelope,
  seq: number().integer().min(1),
  receivedAt: time().optional(),
  imported: boolean().optional(),
});

/** In a log both are there. */
const loggedEnvelope = exact({
  ...envelope,
  seq: number().integer().min(1).defined(),
  receivedAt: time(),
  /** Taken in with a file: what it proved is history. */
  imported: boolean().optional(),
});

export const MOST_ENTRIES_AT_ONCE = 500;
const LARGEST_SAFE_FILE = 50_000;

const entriesBody = exact({ entries: array(mixed()).min(1).max(MOST_ENTRIES_AT_ONCE).defined() });

/** Runs a parse of a part and puts the part's place before its errors' paths. */
function at<T>(place: string, run: () => T): T {
  try {
    return run();
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    const errors = error.errors.map(({ path, message }) => ({ path: path ? `${place}.${path}` : place, message }));
    throw new ProblemError(error.status, `${place}: ${error.detail}`, errors, { cause: error });
  }
}

type Envelope = ReturnType<typeof entryEnvelope.validateSync>;

/** An entry of any version of its kind in the form of now. */
function readEntry({ id, at: when, by, kind, version = 1, data, corrects, seen }: Envelope): NewEntry {
  if (!isEntryKind(kind))
    throw new ProblemError(
      400,
      `There is no kind “${kind.slice(0, 40)}” in this program. If a newer one wrote it, update the program, then try again.`,
      [{ path: 'kind', message: 'no such kind in this program' }],
    );
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    throw new ProblemError(400, 'data: is not an object', [{ path: 'data', message: 'is not an object' }]);
  if (version > versionOf(kind))
    throw new ProblemError(
      422,
      `“${kind}” is of version ${version}; this program reads up to version ${versionOf(kind)}. Update the program, then try again.`,
      [{ path: 'version', message: 'is newer than this program' }],
    );
  walk(data);
  const form = lifted(kind, version, data as Readonly<Record<string, unknown>>);
  const checked = at('data', () => parse<EntryData>(ENTRY_KINDS[kind] as Validating<EntryData>, form));
  return newEntry(kind, checked, { id, at: when, by, ...(seen === undefined ? {} : { seen }) }, corrects);
}

/** An entry as a client wrote it, from wherever it waited. @throws ProblemError */
export const parseWritten = (value: unknown): NewEntry => readEntry(parse(entryEnvelope, value));

/** What is wrong with an entry before it is sent, in a sentence; null where its kind lets it through. */
export function writtenFault(entry: NewEntry): string | null {
  try {
    parseWritten(entry);
    return null;
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    return error.message;
  }
}

/** An entry of a log, from wherever it was kept: a row, another program’s answer. @throws ProblemError */
export function parseLogged(value: unknown): Entry {
  const logged = parse(loggedEnvelope, value);
  return {
    ...readEntry(logged),
    seq: logged.seq,
    receivedAt: logged.receivedAt,
    ...(logged.imported ? { imported: true as const } : {}),
  };
}

const ENTRIES_REMEMBERED = 20_000;

/** {@link parseLogged} that parses each entry once: an entry of a log never changes. */
export function rememberingParse(): (key: string, value: () => unknown) => Entry {
  const known = new Map<string, Entry>();
  return (key, value) => {
    const before = known.get(key);
    if (before) return before;
    if (known.size >= ENTRIES_REMEMBERED) known.clear();
    const entry = parseLogged(value());
    known.set(key, entry);
    return entry;
  };
}

/** Parses the body of POST /api/v1/jobs/{id}/entries. */
export const parseEntries = (body: unknown): readonly NewEntry[] =>
  parse(entriesBody, body).entries.map((value, i) => at(`entries[${i}]`, () => parseWritten(value)));

export const JOB_FILE_FORMAT = 'fox-ladder/job';
export const JOB_FILE_VERSION = 1;

export interface Attachment {
  readonly id: string;
  readonly mediaType: string;
  readonly sha256: string;
  readonly base64: string;
}

export interface JobFile {
  readonly format: typeof JOB_FILE_FORMAT;
  readonly version: typeof JOB_FILE_VERSION;
  readonly job: { readonly id: string; readonly createdAt: string; readonly title: string };
  readonly entries: readonly (NewEntry | Entry)[];
  readonly attachments: readonly Attachment[];
}

const filed = {
  format: string().defined(),
  version: number().defined(),
  job: exact({ id: uuid(), createdAt: time(), title: title() }),
  entries: array(mixed()).max(LARGEST_SAFE_FILE).defined(),
};
const attachment = {
  id: string().min(1).max(64).defined(),
  mediaType: string()
    .matches(/^[a-z]+\/[a-z0-9.+-]+$/, 'is not a media type')
    .defined(),
  sha256: string()
    .matches(/^[0-9a-f]{64}$/, 'is not a SHA-256')
    .defined(),
};
const eachOnce = (list: readonly { readonly id?: string }[] | undefined): boolean =>
  new Set(list?.map((one) => one?.id)).size === (list?.length ?? 0);
const ONCE = ['once', 'two attachments have one id', eachOnce] as const;

/** Body of a job file; its entries are parsed one by one. */
export const jobFileBody = exact({
  ...filed,
  attachments: array(
    exact({
      ...attachment,
      base64: string()
        .matches(/^[A-Za-z0-9+/]*={0,2}$/, 'is not base64')
        .defined(),
    }),
  )
    .test(...ONCE)
    .optional(),
});

/** `entries.json` of a container: a job file whose files lie beside it. */
export const jobContainerBody = exact({
  ...filed,
  attachments: array(exact(attachment))
    .test(...ONCE)
    .defined(),
});

/** Whether something that was read says of itself that it is a job file, or a container, and of which version. */
function checkVersion(value: unknown, ours: string, newest: number): void {
  const { format, version } = (typeof value === 'object' && value !== null ? value : {}) as Readonly<
    Record<string, unknown>
  >;
  if (format !== ours)
    throw new ProblemError(400, 'This is not a Fox Ladder job file.', [
      { path: 'format', message: `is not “${ours}”` },
    ]);
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new ProblemError(400, 'The job file has no version.', [
      { path: 'version', message: 'is not a whole number from 1' },
    ]);
  if (version > newest)
    throw new ProblemError(
      422,
      `This job file is of version ${version}; this program reads up to version ${newest}. Update the program, then import it again.`,
      [{ path: 'version', message: 'is newer than this program' }],
    );
}

/** Parses a job file, of this version or an older one. */
export function parseJobFile(value: unknown): JobFile {
  checkVersion(value, JOB_FILE_FORMAT, JOB_FILE_VERSION);
  const { job, entries, attachments } = parse(jobFileBody, value);
  return {
    format: JOB_FILE_FORMAT,
    version: JOB_FILE_VERSION,
    job,
    entries: entries.map((entry, i) => at(`entries[${i}]`, () => readEntry(parse(filedEnvelope, entry)))),
    attachments: attachments ?? [],
  };
}

export const JOB_CONTAINER_FORMAT = 'fox-ladder/job-container';
export const JOB_CONTAINER_VERSION = 1;

/** `entries.json` of a container. */
export interface JobContainer {
  readonly format: typeof JOB_CONTAINER_FORMAT;
  readonly version: typeof JOB_CONTAINER_VERSION;
  readonly job: JobFile['job'];
  readonly entries: JobFile['entries'];
  readonly attachments: readonly Omit<Attachment, 'base64'>[];
}

/** Parses the entries of a container. @throws ProblemError */
export function parseContainer(value: unknown): JobContainer {
  checkVersion(value, JOB_CONTAINER_FORMAT, JOB_CONTAINER_VERSION);
  const { job, entries, attachments } = parse(jobContainerBody, value);
  return {
    format: JOB_CONTAINER_FORMAT,
    version: JOB_CONTAINER_VERSION,
    job,
    entries: entries.map((entry, i) => at(`entries[${i}]`, () => readEntry(parse(filedEnvelope, entry)))),
    attachments,
  };
}

/** Request of POST /api/v1/crew: somebody who writes entries. */
export const newCrewRequest = exact({
  id: string().min(1).max(64).defined(),
  name: title(),
  /** Left out: as it stands, none for somebody new. */
  licensed: boolean().optional(),
});
export type NewCrewRequest = ReturnType<typeof newCrewRequest.validateSync>;
