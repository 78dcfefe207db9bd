import { newsQuery } from '@/contract/presence';
import { parse } from '@/contract/parse';
import { route } from '@/server/http/route';
import { jobLog } from '@/server/jobs/jobLog';
import { newsOf } from '@/server/jobs/news';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '' }, asking) => {
  const { as: named, point } = parse(newsQuery, Object.fromEntries(new URL(request.url).searchParams));
  // Whoever is signed in is here as nobody else
  const as = asking && named !== undefined ? asking.account.personId : named;
  const { db } = await store();
  // Of no job there is no news
  await jobLog(db, id);
  return newsOf(db, id, request.signal, as === undefined ? null : { byId: as, pointId: point ?? null });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
