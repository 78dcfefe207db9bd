import { parseJobFile } from '@/contract/job';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { importJob } from '@/server/jobs/jobFile';
import { store } from '@/server/store';

export const POST = route(async (request) => {
  const file = parseJobFile(await readJson(request, BODY_LIMITS.jobFile));
  const { db, clock, files } = await store();
  const { made, job } = await importJob(db, clock, files, file);
  return answer(job, made ? 201 : 200);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
