import { open } from 'node:fs/promises';
import { REQUEST_LIMITS, checkSize, type JsonLimits } from '@/contract/jsonSize';
import { ProblemError } from '@/contract/problem';

const KIB = 1024;
/** Largest body of a computation, of entries, of a photo, of a job file with its photos, of archives. */
export const BODY_LIMITS = {
  compute: 256 * KIB,
  entries: 4096 * KIB,
  catalogue: 2048 * KIB,
  photo: 40 * 1024 * KIB,
  jobFile: 96 * 1024 * KIB,
  container: 8 * 1024 * 1024 * KIB,
  firm: 64 * 1024 * 1024 * KIB,
} as const;
/** A client that sends even more than this beyond the limit is cut off. */
const MOST_READ_AWAY = 512 * 1024 * KIB;

const tooLarge = (limit: number): ProblemError =>
  new ProblemError(
    413,
    `The body is larger than the ${Math.round(limit / KIB)} KiB that are taken here. Nothing was written.`,
  );

/** Reads a body's bytes. What is over the limit is read away, not kept: the answer then reaches a client that still sends. */
export async function readBytes(request: Request, limit: number): Promise<Buffer> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  if (request.body) {
    const reader = request.body.getReader();
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      const chunk = part.value as Uint8Array;
      size += chunk.byteLength;
      if (size <= limit) chunks.push(chunk);
      else chunks.length = 0;
      if (size > limit + MOST_READ_AWAY) {
        await reader.cancel();
        break;
      }
    }
  }
  if (size > limit) throw tooLarge(limit);
  return Buffer.concat(chunks);
}

/**
 * Writes a body down as it comes. What is over the limit is read away, not kept.
 * @throws ProblemError 413
 */
export async function writeDown(request: Request, limit: number, place: string): Promise<void> {
  const handle = await open(place, 'w', 0o600);
  let size = 0;
  try {
    const parts = (request.body ?? []) as AsyncIterable<Uint8Array> | readonly Uint8Array[];
    for await (const part of parts) {
      size += part.byteLength;
      if (size <= limit) await handle.write(part);
      if (size > limit + MOST_READ_AWAY) break;
    }
  } finally {
    await handle.close();
  }
  if (size > limit) throw tooLarge(limit);
}

/**
 * Reads a body of text up to a size.
 * @throws ProblemError 413 too large · 400 not text in UTF-8
 */
export async function readText(request: Request, limit: number): Promise<string> {
  const bytes = await readBytes(request, limit);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (cause) {
    throw new ProblemError(400, 'The body is not text in UTF-8.', [{ path: '', message: 'is not UTF-8' }], { cause });
  }
}

/**
 * Reads a JSON body up to a size.
 * @throws ProblemError 413 too large, too many values · 400 not JSON, also where it was cut off
 */
export async function readJson(request: Request, limit: number, limits: JsonLimits = REQUEST_LIMITS): Promise<unknown> {
  const bytes = await readBytes(request, limit);
  checkSize(bytes, limits);
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)) as unknown;
  } catch (cause) {
    throw new ProblemError(
      400,
      bytes.length === 0 ? 'The body is empty; JSON was expected.' : 'The body is not JSON, or was cut off.',
      [{ path: '', message: 'is not JSON' }],
      { cause },
    );
  }
}
