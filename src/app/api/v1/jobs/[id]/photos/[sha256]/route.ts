import { route } from '@/server/http/route';
import { readPhoto } from '@/server/photos/photoStore';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '', sha256 = '' }) => {
  const size = new URL(request.url).searchParams.get('size') === 'thumb' ? 'thumb' : 'whole';
  const { bytes, mediaType, shown } = await readPhoto(await store(), id, sha256, size);
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': shown ? mediaType : 'application/octet-stream',
      ...(shown ? {} : { 'content-disposition': 'attachment' }),
      'x-content-type-options': 'nosniff',
      // Named by what is in it: it never changes
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
