import { auditBy } from '@/server/accounts/audit';
import { answer, route } from '@/server/http/route';
import { exportJob } from '@/server/jobs/jobFile';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }, asking) => {
  const opened = await store();
  const file = await exportJob(opened.db, opened.files, id);
  await auditBy(opened, 'exported', asking, id);
  const response = answer(file);
  const name = file.job.title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'job';
  response.headers.set('content-disposition', `attachment; filename="${name}.foxjob.json"`);
  return response;
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
