import { removePasskey } from '@/server/accounts/passkeys';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const DELETE = route(async (_request, { id = '' }, asking) => {
  await removePasskey(await store(), needed(asking), id);
  return answer({ id });
});

export { notAllowed as GET, notAllowed as POST, notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
