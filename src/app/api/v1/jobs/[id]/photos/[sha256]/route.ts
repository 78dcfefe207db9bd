import { route } from '@/server/http/route';
import { photoResponse } from '@/server/photos/photoResponse';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '', sha256 = '' }) =>
  photoResponse(await store(), id, sha256, request),
);

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
