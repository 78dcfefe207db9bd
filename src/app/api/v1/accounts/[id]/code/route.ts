import { atThisMachine, audit } from '@/server/accounts/audit';
import { accountById } from '@/server/accounts/accounts';
import { makeCode } from '@/server/accounts/codes';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (_request, { id = '' }, asking) => {
  const opened = await store();
  const { name } = await accountById(opened, id);
  const made = await makeCode(opened, 'account', id);
  await audit(opened, 'codeMade', asking?.account ?? atThisMachine, name);
  return answer(made, 201);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
