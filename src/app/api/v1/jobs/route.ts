import { newJobRequest } from '@/contract/job';
import { parse } from '@/contract/parse';
import { checkBy } from '@/server/accounts/admit';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route, wholeNumber } from '@/server/http/route';
import { createJob } from '@/server/jobs/entryStore';
import { PAGE, listJobs } from '@/server/jobs/jobList';
import { store } from '@/server/store';

export const GET = route(async (request) => {
  const query = new URL(request.url).searchParams;
  const limit = wholeNumber(query, 'limit', { standard: PAGE.standard, least: 1, most: PAGE.most });
  const { db } = await store();
  return answer(await listJobs(db, { q: query.get('q') ?? '', limit, after: query.get('after') }));
});

export const POST = route(async (request, _parameters, asking) => {
  const body = parse(newJobRequest, await readJson(request, BODY_LIMITS.compute));
  checkBy(asking, [body]);
  const { db, clock } = await store();
  const { made, job } = await createJob(db, clock, body);
  return answer(job, made ? 201 : 200);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
