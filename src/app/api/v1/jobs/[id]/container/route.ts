import { Readable } from 'node:stream';
import { route } from '@/server/http/route';
import { containerOf } from '@/server/jobs/container';
import { store } from '@/server/store';

export const GET = route(async (_request, { id = '' }) => {
  const { db, files } = await store();
  const { title, stream } = await containerOf(db, files, id);
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
