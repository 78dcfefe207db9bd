import { eraseRequest } from '@/contract/job';
import { parse } from '@/contract/parse';
import { auditBy } from '@/server/accounts/audit';
import { checkBy } from '@/server/accounts/admit';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { eraseCustomer } from '@/server/jobs/eraseCustomer';
import { serverLog, store } from '@/server/store';

export const POST = route(async (request, { id = '' }, asking) => {
  const asked = parse(eraseRequest, await readJson(request, BODY_LIMITS.compute));
  checkBy(asking, [asked]);
  const opened = await store();
  const erased = await eraseCustomer(opened, id, asked);
  await auditBy(opened, 'erased', asking, id);
  serverLog().write({ level: 'info', what: 'a customer was erased', job: id });
  return answer(erased);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
