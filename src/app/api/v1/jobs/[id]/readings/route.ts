import { readingsCsv } from '@/contract/readingsCsv';
import { route } from '@/server/http/route';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }) => {
  const { db } = await store();
  const job = jobOf(await jobLog(db, id));
  const name = job.title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'job';
  return new Response(readingsCsv(job), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${name}-readings.csv"`,
    },
  });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
