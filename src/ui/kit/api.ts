import type { Problem } from '@/contract/problem';

/** A refusal of the server, in its own words. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'Refused';
  }
}

/** The server could not be reached at all. */
export class Away extends Error {
  constructor(options?: ErrorOptions) {
    super('The server can’t be reached.', options);
    this.name = 'Away';
  }
}

async function ask<T>(path: string, init: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, init);
  } catch (cause) {
    throw new Away({ cause });
  }
  // Nothing was decided about what was sent: it may be sent again
  if (response.status >= 500) throw new Away({ cause: response.status });
  // The contract of each route says what its body is
  const body = (await response.json()) as unknown;
  if (!response.ok) throw new Refused(body as Problem);
  return body as T;
}

/**
 * The one way in which the interface speaks to the server.
 * @throws Refused with the problem it told, Away where nothing answered
 */
export const call = <T>(
  path: string,
  init?: { readonly method: 'POST' | 'DELETE'; readonly body?: unknown },
): Promise<T> =>
  ask(
    path,
    init
      ? {
          method: init.method,
          headers: { 'content-type': 'application/json' },
          ...(init.body === undefined
            ? {}
            : { body: typeof init.body === 'string' ? init.body : JSON.stringify(init.body) }),
        }
      : {},
  );

/** {@link call} with a text that is no JSON for a body. */
export const callText = <T>(path: string, text: string, type: string): Promise<T> =>
  ask(path, { method: 'POST', headers: { 'content-type': type }, body: text });

/** {@link call} with bytes for a body. */
export const callBytes = <T>(path: string, bytes: Blob): Promise<T> =>
  ask(path, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: bytes });
