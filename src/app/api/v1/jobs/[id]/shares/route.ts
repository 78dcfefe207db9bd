import { parse } from '@/contract/parse';
import { shareRequest } from '@/contract/share';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, needed, route } from '@/server/http/route';
import { jobLog } from '@/server/jobs/jobLog';
import { ownAddress } from '@/server/ownAddress';
import { makeShare, sharesOf } from '@/server/shares';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }) => {
  const opened = await store();
  // Of no job there are no links
  await jobLog(opened.db, id);
  return answer({ shares: await sharesOf(opened, id) });
});

export const POST = route(async (request, { id = '' }, asking) => {
  const asked = parse(shareRequest, await readJson(request, BODY_LIMITS.compute));
  const opened = await store();
  const { share, token } = await makeShare(opened, id, asked, needed(asking));
  const root = await ownAddress(opened.db, request.headers.get('host'));
  return answer({ share, address: `${root}/share/${token}` }, 201);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
