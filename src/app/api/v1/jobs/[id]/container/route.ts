import { Readable } from 'node:stream';
import { auditBy } from '@/server/accounts/audit';
import { route } from '@/server/http/route';
import { containerOf } from '@/server/jobs/container';
import { besideJob } from '@/server/papers/paperOf';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '' }, asking) => {
  const here = await store();
  const withPapers = new URL(request.url).searchParams.get('with') === 'papers';
  const beside = withPapers ? await besideJob(here, id, request.headers.get('host')) : null;
  const { title, stream } = await containerOf(here.db, here.files, id, beside);
  await auditBy(here, 'exported', asking, id);
  const name = title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'job';
  return new Response(Readable.toWeb(stream) as ReadableStream<Uint8Array>, {
    headers: {
      'content-type': 'application/x-tar',
      'cache-control': 'no-store',
      'content-disposition': `attachment; filename="${name}.foxjob.tar"`,
    },
  });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
