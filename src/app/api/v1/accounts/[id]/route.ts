import { accountRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { changeAccount } from '@/server/accounts/accounts';
import { atThisMachine, audit } from '@/server/accounts/audit';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request, { id = '' }, asking) => {
  const { role, ended } = parse(accountRequest, await readJson(request, BODY_LIMITS.compute));
  const opened = await store();
  const account = await changeAccount(opened, id, {
    role,
    ended: ended === undefined ? undefined : ended === 'now',
  });
  const detail = [account.name, account.role, ...(account.endedAt === null ? [] : ['ended'])].join(', ');
  await audit(opened, 'accountChanged', asking?.account ?? atThisMachine, detail);
  return answer({ account });
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
