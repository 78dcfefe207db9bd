import { auditLines } from '@/server/accounts/audit';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () => answer({ lines: await auditLines(await store()) }));

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
