import { createReadStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { extract, type Entry } from 'tar-stream';
import { parseFirm, type Firm, type FirmTaken, type LeftOut } from '@/contract/firm';
import { problemOf, ProblemError } from '@/contract/problem';
import type { FirmOutcome } from '../apart/asked';
import { readOwnItems } from '../catalogue';
import { writeOwnItems } from '../ownItems';
import { addToCrew } from '../crew';
import { damaged, ENTRIES_NAME, jsonOf, JobTaken } from '../jobs/container';
import { storeFault } from '../http/storeFault';
import { bringUp } from '../projection/project';
import { destroyKey } from '../sealing/keys';
import { writeSettings } from '../settings';
import type { Store } from '../storeOf';
import { END_NAME, FIRM_NAME } from './firmArchive';

const JOB_PART = /^jobs\/([0-9a-f-]{36})\/(.+)$/;
/** So much of what was left out is told. */
const MOST_TOLD = 200;

/** Does a part of it; what is refused is noted under its name, and holds up nothing else. @returns null where it was */
async function unlessRefused<T>(leftOut: LeftOut[], name: string, act: () => Promise<T>): Promise<T | null> {
  try {
    return await act();
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    leftOut.push({ name, why: error.message });
    return null;
  }
}

/** What of a firm is not a job. What stands here already stays as it is. */
async function takeWhatIsBeside(
  store: Store,
  { crew, catalogue, settings, practice }: Firm,
  leftOut: LeftOut[],
): Promise<Pick<FirmTaken, 'people' | 'items' | 'settings'>> {
  const { db } = store;
  let people = 0;
  for (const person of crew) {
    const known = await db.selectFrom('crew').select('name').where('id', '=', person.id).executeTakeFirst();
    // Who holds a licence here is said here
    if (known?.name === person.name) continue;
    if (await unlessRefused(leftOut, person.name, async () => (await addToCrew(db, person)).made)) people++;
  }
  const own = new Set((await readOwnItems(db)).map(({ shelf, values }) => `${shelf} ${String(values.id)}`));
  const fresh = catalogue.filter(({ shelf, values }) => !own.has(`${shelf} ${String(values.id)}`));
  const isTaken = await unlessRefused(leftOut, 'catalogue', () => writeOwnItems(db, fresh));
  const isSet = (await db.selectFrom('settings').select('key').limit(1).execute()).length > 0;
  if (!isSet) await writeSettings(db, settings);
  for (const { id, by, at, level, seed, ending, minutes, bestMinutes, inVain, dangers } of practice)
    await db
      .insertInto('practice_rounds')
      .values({
        ...{ id, person_id: by.id, person_name: by.name, at, level, seed, ending, minutes },
        ...{ best_minutes: bestMinutes, in_vain: inVain, dangers },
      })
      .onConflict((one) => one.doNothing())
      .execute();
  return { people, items: isTaken ? fresh.length : 0, settings: !isSet };
}

/** Takes the jobs of an archive in, one after the other, each all or none; one that is refused holds up no other. */
class JobsTaken {
  private readonly counts = { made: 0, grown: 0, same: 0 };
  private current: { readonly id: string; readonly wasHere: boolean; readonly job: JobTaken | null } | null = null;
  private readonly erased: ReadonlyMap<string, string>;

  constructor(
    private readonly store: Store,
    firm: Firm,
    private readonly leftOut: LeftOut[],
  ) {
    this.erased = new Map(firm.erased.map(({ id, at }) => [id, at]));
  }

  get taken(): Pick<FirmTaken, 'made' | 'grown' | 'same'> {
    return this.counts;
  }

  async part(id: string, name: string, content: Entry): Promise<void> {
    if (this.current?.id !== id) {
      await this.end();
      if (name !== ENTRIES_NAME) throw damaged(`The job ${id} of this archive does not begin with its entries.`);
      const known = await this.store.db.selectFrom('jobs').select('id').where('id', '=', id).executeTakeFirst();
      this.current = { id, wasHere: known !== undefined, job: await this.begun(id, content) };
      return;
    }
    const { job, wasHere } = this.current;
    const isTaken = job && (await unlessRefused(this.leftOut, id, () => job.file(name, content).then(() => true)));
    if (isTaken) return;
    // What was refused is passed over to its end
    this.current = { id, wasHere, job: null };
    content.resume();
  }

  private async begun(id: string, content: Entry): Promise<JobTaken | null> {
    const job = await unlessRefused(this.leftOut, id, () => JobTaken.begun(this.store, content, id));
    if (!job) content.resume();
    return job;
  }

  /** Once all parts of a job have come. */
  async end(): Promise<void> {
    const { id, wasHere, job } = this.current ?? {};
    this.current = null;
    if (!job || id === undefined) return;
    const taken = await unlessRefused(this.leftOut, id, () => job.ended());
    if (!taken) return;
    if (!wasHere) this.counts.made++;
    else if (taken.made) this.counts.grown++;
    else this.counts.same++;
    const erasedAt = this.erased.get(id);
    // A job that is known here is erased here, or not at all
    if (erasedAt === undefined || wasHere) return;
    await destroyKey(this.store.db, id, erasedAt, null);
    await bringUp(this.store.db, id);
  }
}

/**
 * Takes the archive of a firm in: what it has beside its jobs, then job by job. What is here already stays; the same again
 * changes nothing, so an archive that was cut off is simply taken in again.
 * @throws ProblemError 400, 413, 422 where it is none, damaged, or was cut off: what came before that is here
 */
export async function takeFirm(store: Store, reading: Readable): Promise<FirmTaken> {
  const archive = extract();
  reading.on('error', (error) => archive.destroy(error));
  reading.pipe(archive);
  const leftOut: LeftOut[] = [];
  let beside: Awaited<ReturnType<typeof takeWhatIsBeside>> | null = null;
  let jobs: JobsTaken | null = null;
  let isWhole = false;
  const cutOff = () => {
    const { made = 0, grown = 0 } = jobs?.taken ?? {};
    return damaged(
      jobs === null
        ? 'This is no archive of a firm, or it was cut off. Nothing was taken in.'
        : `This archive is damaged or was cut off. ${made + grown} jobs were taken in before; take a whole one in again.`,
    );
  };
  try {
    for await (const entry of archive) {
      const { name } = entry.header;
      const [, id, part] = JOB_PART.exec(name) ?? [];
      if (jobs === null) {
        if (name !== FIRM_NAME) throw damaged('This is no archive of a firm: it does not begin with “firm.json”.');
        const firm = parseFirm(await jsonOf(entry));
        beside = await takeWhatIsBeside(store, firm, leftOut);
        jobs = new JobsTaken(store, firm, leftOut);
      } else if (id !== undefined && part !== undefined) await jobs.part(id, part, entry);
      else if (name === END_NAME) {
        await jobs.end();
        await jsonOf(entry);
        isWhole = true;
      } else throw damaged(`The archive holds “${name.slice(0, 80)}”, which is no part of a firm.`);
    }
  } catch (error) {
    if (error instanceof ProblemError) throw error;
    throw cutOff();
  } finally {
    reading.destroy();
  }
  if (!jobs || !beside || !isWhole) throw cutOff();
  return { ...jobs.taken, ...beside, leftOut: leftOut.slice(0, MOST_TOLD) };
}

/** Takes the archive of a firm in that lies on the disk, and tells what became of it. */
export async function takeFirmIn(store: Store, path: string): Promise<FirmOutcome> {
  try {
    return { taken: await takeFirm(store, createReadStream(path)) };
  } catch (error) {
    const problem = error instanceof ProblemError ? error : storeFault(error);
    if (!problem) throw error;
    return { problem: problemOf(problem) };
  }
}
