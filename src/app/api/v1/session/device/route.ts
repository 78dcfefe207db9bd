import { audit } from '@/server/accounts/audit';
import { makeCode } from '@/server/accounts/codes';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (_request, _parameters, asking) => {
  const { account } = needed(asking);
  const opened = await store();
  const made = await makeCode(opened, 'device', account.id);
  await audit(opened, 'codeMade', account);
  return answer(made, 201);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
