import { answer, route } from '@/server/http/route';
import { endShare } from '@/server/shares';
import { store } from '@/server/store';

export const DELETE = route(async (_request, { id = '', share = '' }, asking) =>
  answer({ share: await endShare(await store(), id, share, asking) }),
);

export { notAllowed as GET, notAllowed as POST, notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
