import { allWaiting } from './allWaiting';
import { Outbox } from './outbox';
import { postEntries } from './postEntries';

// What waits is sent from whatever page is open: nobody has to open the job again.

const senders = new Map<string, Outbox>();

const senderOf = (jobId: string): Outbox => new Outbox(jobId, (entries) => postEntries(jobId, entries));

/** Begins to send what waits in jobs that nobody sends for yet. @param but the job at hand sends by itself */
export async function sendAll(but: string | null): Promise<void> {
  for (const { jobId } of await allWaiting()) {
    if (jobId === but || senders.has(jobId)) continue;
    const sender = senderOf(jobId);
    senders.set(jobId, sender);
    sender.start();
  }
}

/** Tries again at once, in all jobs. */
export function sendNow(): void {
  for (const sender of senders.values()) sender.retry();
}
