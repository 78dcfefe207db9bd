import { wrap, type Remote } from 'comlink';
import type { PaperSource } from '@/contract/papers';
import type { Job } from '@/core/job';
import { photoAddress } from '../photo/MarkedPhoto';

/** A document, and how many of its pictures were out of reach when it was set. */
export interface SetPaper {
  readonly document: Blob;
  readonly missing: number;
}

/** What the thread that sets documents answers to. */
interface Typesetter {
  typeset(source: PaperSource, addresses: readonly (readonly [string, string])[]): Promise<SetPaper>;
}

let typesetter: { readonly worker: Worker; readonly remote: Remote<Typesetter> } | null = null;

function begun(): Remote<Typesetter> {
  if (!typesetter) {
    const worker = new Worker(new URL('../../papers/papers.worker.ts', import.meta.url), { type: 'module' });
    typesetter = { worker, remote: wrap<Typesetter>(worker) };
  }
  return typesetter.remote;
}

/**
 * Has a document set in a thread of the browser: it needs nothing but the log, and pictures where they can be had.
 * @throws Error where the thread can’t be had, or failed; the next asking begins a new one
 */
export function typeset(source: PaperSource, job: Job): Promise<SetPaper> {
  const addresses =
    source.asked.paper === 'job'
      ? [...new Set(job.photos.map(({ sha256 }) => sha256))].map(
          (sha256) => [sha256, photoAddress(job.id, sha256, 'whole')] as const,
        )
      : [];
  return new Promise<SetPaper>((resolve, reject) => {
    const fail = (why: unknown): void => {
      typesetter?.worker.terminate();
      typesetter = null;
      reject(why instanceof Error ? why : new Error(String(why)));
    };
    const remote = begun();
    typesetter?.worker.addEventListener('error', (event) => fail(new Error(event.message)), { once: true });
    remote.typeset(source, addresses).then(resolve, fail);
  });
}
