import { wrap, type Remote } from 'comlink';
import type { CodesWorker } from '@/workers/codes.worker';

let reader: { readonly worker: Worker; readonly remote: Remote<CodesWorker> } | null = null;

/**
 * What the codes on a picture say, read in a thread of the browser.
 * @returns none where none can be read · @throws Error where the picture is none, or the thread can’t be had
 */
export function readCodes(picture: Blob | ImageData): Promise<readonly string[]> {
  return new Promise((resolve, reject) => {
    const fail = (why: unknown): void => {
      reader?.worker.terminate();
      reader = null;
      reject(why instanceof Error ? why : new Error(String(why)));
    };
    if (!reader) {
      const worker = new Worker(new URL('../../workers/codes.worker.ts', import.meta.url), { type: 'module' });
      reader = { worker, remote: wrap<CodesWorker>(worker) };
    }
    reader.worker.addEventListener('error', (event) => fail(new Error(event.message)), { once: true });
    reader.remote.read(picture).then(resolve, fail);
  });
}
