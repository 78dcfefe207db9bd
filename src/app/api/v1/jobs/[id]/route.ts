import { ProblemError } from '@/contract/problem';
import { isLicensed } from '@/server/crew';
import { answer, route } from '@/server/http/route';
import { askedJob } from '@/server/jobs/askedJob';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

const LONGEST_ID = 64;

/** Who asks; null where nobody does. @throws ProblemError 422 */
function askerOf(request: Request): string | null {
  const as = new URL(request.url).searchParams.get('as');
  if (as === null || (as !== '' && as.length <= LONGEST_ID)) return as;
  const message = `is the id of a person, of 1 to ${LONGEST_ID} characters`;
  throw new ProblemError(422, `as: ${message}`, [{ path: 'as', message }]);
}

export const GET = route(async (request, { id = '' }) => {
  const as = askerOf(request);
  const { db, clock } = await store();
  const job = jobOf(await jobLog(db, id));
  if (as === null) return answer(job);
  const who = { id: as, at: Date.parse(clock.now()), ownProofs: null, licensed: await isLicensed(db, as) };
  return answer(askedJob(job, who));
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
