import { ProblemError, problemOf } from '@/contract/problem';
import { admit } from '../accounts/admit';
import type { Asking } from '../accounts/asking';
import { systemClock } from '../clock';
import { serverLog } from '../store';
import { guard } from './guard';
import { storeFault } from './storeFault';

type Parameters = Readonly<Record<string, string>>;
/** What Next hands in: a list where the rest of an address is taken. */
type Given = Readonly<Record<string, string | string[]>>;
/** @param asking who asks; null where nobody signs in here, or the route is open to everybody */
type Handler = (request: Request, parameters: Parameters, asking: Asking | null) => Promise<Response>;

function problemResponse(problem: ProblemError): Response {
  return Response.json(problemOf(problem), {
    status: problem.status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  });
}

/** Parts of an address that name a thing of a job, or open it to a customer: they are left out of the log. */
export const withoutIds = (pathname: string): string =>
  pathname
    .replace(/\/share\/[^/]+/, '/share/…')
    .replace(/[0-9a-f]{8,}(-[0-9a-f]+)*/gi, '…')
    .slice(0, 120);

/** A route without a part that changes is handed nothing. */
const joined = (given: Given | undefined): Parameters =>
  Object.fromEntries(
    Object.entries(given ?? {}).map(([name, part]) => [name, typeof part === 'string' ? part : part.join('/')]),
  );

/**
 * Makes a route handler: guarded, logged, and with every refusal told as a problem; what fails by itself is logged with the
 * id that its answer carries.
 */
export function route(handler: Handler) {
  return async (request: Request, context: { params: Promise<Given | undefined> }): Promise<Response> => {
    const began = performance.now();
    const id = systemClock.newId();
    const told = (response: Response, fault?: string): Response => {
      response.headers.set('x-request-id', id);
      serverLog().write({
        level: fault ? 'error' : 'info',
        what: 'request',
        id,
        method: request.method,
        path: withoutIds(new URL(request.url).pathname),
        status: response.status,
        ms: Math.round(performance.now() - began),
        ...(fault ? { fault } : {}),
      });
      return response;
    };
    try {
      guard(request);
      const asking = await admit(request);
      return told(await handler(request, joined(await context.params), asking));
    } catch (error) {
      if (error instanceof ProblemError) return told(problemResponse(error));
      const fault = error instanceof Error ? (error.stack ?? error.message) : String(error);
      const known = storeFault(error);
      if (known) return told(problemResponse(known), fault);
      return told(
        problemResponse(new ProblemError(500, `Something failed here; it is noted as ${id}. Nothing was written.`)),
        fault,
      );
    }
  };
}

/** For a route that only makes sense for somebody who is signed in. @throws ProblemError 409 where nobody signs in here */
export function needed(asking: Asking | null): Asking {
  if (!asking) throw new ProblemError(409, 'Nobody signs in here: this program answers to its own machine alone.');
  return asking;
}

/** For an address that is no route. */
export const notThere = route((request) =>
  Promise.reject(new ProblemError(404, `There is nothing at ${new URL(request.url).pathname.slice(0, 200)}.`)),
);

/** For a method that a route does not have. */
export const notAllowed = route((request) =>
  Promise.reject(new ProblemError(405, `${request.method} is not possible here.`)),
);

/** A JSON answer that nobody keeps a copy of. */
export const answer = (body: unknown, status = 200): Response =>
  Response.json(body, { status, headers: { 'cache-control': 'no-store' } });

/** {@link answer} with what is JSON already. */
export const answerText = (json: string, status = 200): Response =>
  new Response(json, { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } });

/** A whole number of the query string within limits. @throws ProblemError 400, 422 */
export function wholeNumber(
  query: URLSearchParams,
  name: string,
  { standard, least, most }: { readonly standard: number; readonly least: number; readonly most: number },
): number {
  const text = query.get(name);
  if (text === null) return standard;
  const fault = (status: number, message: string) =>
    new ProblemError(status, `${name}: ${message}`, [{ path: name, message }]);
  if (!/^-?\d{1,15}$/.test(text)) throw fault(400, 'is not a whole number');
  const value = Number(text);
  if (value < least || value > most) throw fault(422, `lies from ${least} to ${most}`);
  return value;
}
