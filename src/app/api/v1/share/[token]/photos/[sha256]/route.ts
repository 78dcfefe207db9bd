import { ProblemError } from '@/contract/problem';
import { route } from '@/server/http/route';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { photoResponse } from '@/server/photos/photoResponse';
import { sharedJob } from '@/server/shares';
import { store } from '@/server/store';

export const GET = route(async (request, { token = '', sha256 = '' }) => {
  const opened = await store();
  const shared = await sharedJob(opened, token);
  // A picture that was taken out of the job is not shared any more, though its file may lie there
  const isShown =
    shared !== null &&
    jobOf(await jobLog(opened.db, shared.jobId)).photos.some((photo) => photo.sha256 === sha256 && !photo.trial);
  if (!isShown) throw new ProblemError(404, 'There is no such picture.');
  const response = await photoResponse(opened, shared.jobId, sha256, request);
  // A link that was withdrawn shows nothing: nobody’s browser keeps it
  response.headers.set('cache-control', 'no-store');
  return response;
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
