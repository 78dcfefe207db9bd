import { jobWords } from '@/words/screens';
import { isProblem } from '@/contract/answers';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import type { Problem } from '@/contract/problem';
import { learnTime } from './clock';
import { noteAway, noteReached } from './firm';
import { tellSignedOut } from './signedOut';

/** So many entries at most in a request, by the contract. */
export const MOST_AT_ONCE = 500;

/** What was asked or sent was not taken; its message says why. */
export abstract class NotTaken extends Error {}

/** A refusal of the server, in its own words. */
export class Refused extends NotTaken {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'Refused';
  }
}

/** The server could not be reached: nobody answered, or somebody who does not speak as it does. */
export class Away extends NotTaken {
  /** @param answered somebody did, in another way than the server */
  constructor(
    options?: ErrorOptions,
    readonly answered = true,
  ) {
    super(jobWords.theServerCantBe, options);
    this.name = 'Away';
    noteAway();
  }
}

/** A fault of the server, in its own words: nothing was decided about what was sent. */
export class Failed extends NotTaken {
  constructor(detail: string) {
    super(detail);
    this.name = 'Failed';
  }
}

const SIGNED_OUT = 401;

/** What reads a body; it throws where the body is not what was asked for. */
type Read<T> = (body: unknown) => T;

async function ask<T>(path: string, read: Read<T>, init: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, init);
  } catch (cause) {
    throw new Away({ cause }, false);
  }
  let body: unknown;
  try {
    body = await response.json();
  } catch (cause) {
    // Something answered that does not speak as the server does
    throw new Away({ cause });
  }
  learnTime(response.headers.get('date'));
  if (!response.ok) {
    if (!isProblem(body)) throw new Away({ cause: response.status });
    noteReached();
    // Of what is sent nothing was decided: it goes once somebody is signed in
    if (response.status === SIGNED_OUT && !path.startsWith('/session')) {
      tellSignedOut();
      throw new Failed(body.detail);
    }
    throw response.status >= 500 ? new Failed(body.detail) : new Refused(body);
  }
  let told: T;
  try {
    told = read(body);
  } catch (cause) {
    throw new Away({ cause });
  }
  noteReached();
  return told;
}

/**
 * The one way in which the interface speaks to the server.
 * @param read what is believed of the answer, by the route’s contract
 * @throws Refused or Failed with what it told, Away where nothing answered, or not the server
 */
export const call = <T>(
  path: string,
  read: Read<T>,
  init?: { readonly method: 'POST' | 'DELETE'; readonly body?: unknown },
): Promise<T> =>
  ask(
    path,
    read,
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

/** A server that takes longer to say that it is there is taken for away. */
const PATIENCE_MS = 8000;

/** Asks nothing but whether the firm’s server is there. */
export const lookForFirm = (): Promise<void> =>
  ask('/session', answer(isSigned), { signal: AbortSignal.timeout(PATIENCE_MS) }).then(
    () => undefined,
    () => undefined,
  );

/** {@link call} with a text that is no JSON for a body. */
export const callText = <T>(path: string, read: Read<T>, text: string, type: string): Promise<T> =>
  ask(path, read, { method: 'POST', headers: { 'content-type': type }, body: text });

/** {@link call} with bytes for a body. */
export const callBytes = <T>(path: string, read: Read<T>, bytes: Blob): Promise<T> =>
  ask(path, read, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: bytes });
