import { eraseRequest } from '@/contract/job';
import { parse } from '@/contract/parse';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { eraseCustomer } from '@/server/jobs/eraseCustomer';
import { serverLog, store } from '@/server/store';

export const POST = route(async (request, { id = '' }) => {
  const asked = parse(eraseRequest, await readJson(request, BODY_LIMITS.compute));
  const erased = await eraseCustomer(await store(), id, asked);
  serverLog().write({ level: 'info', what: 'a customer was erased', job: id });
  return answer(erased);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
