import type { Store } from '../storeOf';
import { readPhoto } from './photoStore';

/** A picture of a job as a browser takes it, in the size that was asked for. @throws ProblemError 404, 410, 422 */
export async function photoResponse(store: Store, jobId: string, name: string, request: Request): Promise<Response> {
  const size = new URL(request.url).searchParams.get('size') === 'thumb' ? 'thumb' : 'whole';
  const { bytes, mediaType, shown } = await readPhoto(store, jobId, name, size);
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': shown ? mediaType : 'application/octet-stream',
      ...(shown ? {} : { 'content-disposition': 'attachment' }),
      'x-content-type-options': 'nosniff',
      // Named by what is in it: it never changes
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}
