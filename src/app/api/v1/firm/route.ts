import { Readable } from 'node:stream';
import { auditBy } from '@/server/accounts/audit';
import { firmArchive } from '@/server/firm/firmArchive';
import { answer, route } from '@/server/http/route';
import { takeFirmBody } from '@/server/jobs/incoming';
import { store } from '@/server/store';

export const GET = route(async (_request, _parameters, asking) => {
  const opened = await store();
  await auditBy(opened, 'firmOut', asking, '');
  const day = opened.clock.now().slice(0, 10);
  return new Response(Readable.toWeb(firmArchive(opened)) as ReadableStream<Uint8Array>, {
    headers: {
      'content-type': 'application/x-tar',
      'cache-control': 'no-store',
      'content-disposition': `attachment; filename="firm-${day}.foxfirm.tar"`,
    },
  });
});

export const POST = route(async (request, _parameters, asking) => {
  const opened = await store();
  const taken = await takeFirmBody(opened, request);
  await auditBy(opened, 'firmIn', asking, `${taken.made} new, ${taken.grown} grown`);
  return answer(taken);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
