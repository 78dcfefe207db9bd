import { route } from '@/server/http/route';
import { jobLog } from '@/server/jobs/jobLog';
import { newsOf } from '@/server/jobs/news';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '' }) => {
  const { db } = await store();
  // Of no job there is no news
  await jobLog(db, id);
  return newsOf(db, id, request.signal);
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
