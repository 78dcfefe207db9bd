import { newAccountRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { listAccounts, makeAccount } from '@/server/accounts/accounts';
import { atThisMachine, audit } from '@/server/accounts/audit';
import { makeCode } from '@/server/accounts/codes';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () => answer({ accounts: await listAccounts(await store()) }));

export const POST = route(async (request, _parameters, asking) => {
  const asked = parse(newAccountRequest, await readJson(request, BODY_LIMITS.compute));
  const opened = await store();
  const account = await makeAccount(opened, asked);
  await audit(opened, 'accountMade', asking?.account ?? atThisMachine, `${account.name}, ${account.role}`);
  return answer({ account, code: await makeCode(opened, 'account', account.id) }, 201);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
