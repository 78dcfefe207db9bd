import { calendarFile } from '@/contract/calendarFile';
import { route } from '@/server/http/route';
import { jobLog, jobOf } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }) => {
  const { db } = await store();
  const log = await jobLog(db, id);
  const job = jobOf(log);
  const name = job.title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'job';
  return new Response(calendarFile(job, log.entries.length, new Date()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': `attachment; filename="${name}.ics"`,
    },
  });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
