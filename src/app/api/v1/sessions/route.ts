import { listSessions } from '@/server/accounts/sessions';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async (_request, _parameters, asking) =>
  answer({ sessions: await listSessions(await store(), needed(asking)) }),
);

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
