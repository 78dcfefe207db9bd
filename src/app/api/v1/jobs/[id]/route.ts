import { fold } from '@/core/job';
import { answer, route } from '@/server/http/route';
import { jobLog } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }) => {
  const { head, entries } = await jobLog((await store()).db, id);
  return answer(fold(head, entries));
});
