import { auditBy } from '@/server/accounts/audit';
import { backUpNow, backupState } from '@/server/backups';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () => answer(await backupState(await store())));

export const POST = route(async (_request, _parameters, asking) => {
  const opened = await store();
  const state = await backUpNow(opened);
  await auditBy(opened, 'backedUp', asking, '');
  return answer(state, 201);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
