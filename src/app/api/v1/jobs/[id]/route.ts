import { ProblemError, refusalOf } from '@/contract/problem';
import { apart } from '@/server/apart/pool';
import { answer, answerText, route } from '@/server/http/route';
import { gateOf } from '@/server/jobs/askedJob';
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
  const { db, clock, folder } = await store();
  if (as === null) return answer(jobOf(await jobLog(db, id)));
  const asked = { folder, jobId: id, as, at: clock.now() };
  // Judging takes longer than others may wait
  const told = await apart('gate', asked, () => gateOf(db, asked));
  if (typeof told !== 'string') throw refusalOf(told.problem);
  return answerText(told);
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
