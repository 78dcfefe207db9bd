import { allWaiting } from './allWaiting';
import { keepLog, keptLog } from './keptLog';
import { headHere } from './newJobs';
import { Outbox } from './outbox';
import { postEntries } from './postEntries';
import { readOn } from './readOn';

// What waits is sent from whatever page is open: nobody has to open the job again.

interface Sender {
  readonly outbox: Outbox;
  readonly stop: () => void;
}

const senders = new Map<string, Sender>();

/** Has what was just sent in the log that is kept here: it leaves the outbox, and a cellar may come next. */
async function keepSent(jobId: string): Promise<void> {
  const head = await headHere(jobId);
  if (head) await keepLog(head, await readOn(await keptLog(jobId), jobId));
}

function begin(jobId: string): Sender {
  const outbox = new Outbox(jobId, async (entries) => {
    const ids = await postEntries(jobId, entries);
    // The firm has it, whatever becomes of the copy here
    await keepSent(jobId).catch((error: unknown) => console.warn(error));
    return ids;
  });
  const sender = { outbox, stop: outbox.start() };
  senders.set(jobId, sender);
  return sender;
}

/** Begins to send what waits in jobs that nobody sends for yet. */
export async function sendAll(): Promise<void> {
  for (const { jobId } of await allWaiting()) if (!senders.has(jobId)) begin(jobId);
}

/** The outbox of a job: its own page’s where that is open. */
export const outboxOf = (jobId: string): Outbox => (senders.get(jobId) ?? begin(jobId)).outbox;

/** Sends by a page’s own outbox as long as it is open. @returns how to end it */
export function sendBy(jobId: string, outbox: Outbox): () => void {
  senders.get(jobId)?.stop();
  const sender = { outbox, stop: outbox.start() };
  senders.set(jobId, sender);
  return () => {
    sender.stop();
    if (senders.get(jobId) === sender) senders.delete(jobId);
  };
}

/** Tries again at once, in all jobs. */
export function sendNow(): void {
  for (const { outbox } of senders.values()) outbox.retry();
}
