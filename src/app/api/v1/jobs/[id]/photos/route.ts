import { BODY_LIMITS, readBytes } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { keepPhoto } from '@/server/photos/photoStore';
import { store } from '@/server/store';

export const POST = route(async (request, { id = '' }) => {
  const bytes = await readBytes(request, BODY_LIMITS.photo);
  return answer(await keepPhoto(await store(), id, bytes), 201);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
