import { allWaiting } from './allWaiting';
import { Outbox } from './outbox';
import { postEntries } from './postEntries';

// What waits is sent from whatever page is open: nobody has to open the job again.

interface Sender {
  readonly outbox: Outbox;
  readonly stop: () => void;
}

const senders = new Map<string, Sender>();

function senderOf(jobId: string): Sender {
  const outbox = new Outbox(jobId, (entries) => postEntries(jobId, entries));
  return { outbox, stop: outbox.start() };
}

/** Begins to send what waits in jobs that nobody sends for yet. @param but the job at hand sends by itself */
export async function sendAll(but: string | null): Promise<void> {
  for (const { jobId } of await allWaiting()) {
    if (jobId !== but && !senders.has(jobId)) senders.set(jobId, senderOf(jobId));
  }
}

/** Stops to send for a job: its own page does. */
export function standAside(jobId: string): void {
  senders.get(jobId)?.stop();
  senders.delete(jobId);
}

/** Tries again at once, in all jobs. */
export function sendNow(): void {
  for (const { outbox } of senders.values()) outbox.retry();
}
