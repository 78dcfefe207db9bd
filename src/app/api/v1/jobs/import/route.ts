import { parseJobFile } from '@/contract/job';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { takeContainer } from '@/server/jobs/container';
import { importJob } from '@/server/jobs/jobFile';
import { store } from '@/server/store';

/** An archive is taken for a container; anything else for a job file, which is JSON. */
const CONTAINER = /^application\/(x-tar|octet-stream)\b/;

export const POST = route(async (request) => {
  if (request.body && CONTAINER.test(request.headers.get('content-type') ?? '')) {
    const { made, job } = await takeContainer(await store(), request.body);
    return answer(job, made ? 201 : 200);
  }
  const file = parseJobFile(await readJson(request, BODY_LIMITS.jobFile));
  const { db, clock, files } = await store();
  const { made, job } = await importJob(db, clock, files, file);
  return answer(job, made ? 201 : 200);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
