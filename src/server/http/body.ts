import { ProblemError } from '@/contract/problem';

const KIB = 1024;
/** Largest body of a computation, of entries, of a job file. */
export const BODY_LIMITS = { compute: 256 * KIB, entries: 4096 * KIB, jobFile: 32 * 1024 * KIB } as const;

const tooLarge = (limit: number): ProblemError =>
  new ProblemError(
    413,
    `The body is larger than the ${Math.round(limit / KIB)} KiB that are taken here. Nothing was written.`,
  );

/**
 * Reads a JSON body up to a size.
 * @throws ProblemError 413 too large · 400 not JSON, also where it was cut off
 */
export async function readJson(request: Request, limit: number): Promise<unknown> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge(limit);
  const chunks: Uint8Array[] = [];
  let size = 0;
  if (request.body) {
    const reader = request.body.getReader();
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      const chunk = part.value as Uint8Array;
      size += chunk.byteLength;
      if (size > limit) {
        await reader.cancel();
        throw tooLarge(limit);
      }
      chunks.push(chunk);
    }
  }
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks))) as unknown;
  } catch (cause) {
    throw new ProblemError(
      400,
      size === 0 ? 'The body is empty; JSON was expected.' : 'The body is not JSON, or was cut off.',
      [{ path: '', message: 'is not JSON' }],
      { cause },
    );
  }
}
