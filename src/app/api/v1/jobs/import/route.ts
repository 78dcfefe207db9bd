import { auditBy } from '@/server/accounts/audit';
import { answerText, route } from '@/server/http/route';
import { takeInBody } from '@/server/jobs/incoming';
import { store } from '@/server/store';

/** An archive is taken for a container; anything else for a job file, which is JSON. */
const CONTAINER = /^application\/(x-tar|octet-stream)\b/;

export const POST = route(async (request, _parameters, asking) => {
  const isContainer = CONTAINER.test(request.headers.get('content-type') ?? '');
  const opened = await store();
  const { made, job } = await takeInBody(opened, request, isContainer);
  await auditBy(opened, 'imported', asking, made ? 'a new job' : 'to a known job');
  return answerText(job, made ? 201 : 200);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
