import { audit } from '@/server/accounts/audit';
import { removePasskey } from '@/server/accounts/passkeys';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const DELETE = route(async (_request, { id = '' }, asking) => {
  const known = needed(asking);
  const opened = await store();
  await removePasskey(opened, known, id);
  await audit(opened, 'passkeyRemoved', known.account);
  return answer({ id });
});

export { notAllowed as GET, notAllowed as POST, notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
