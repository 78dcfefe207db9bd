import { itemsFromJson } from '@/contract/catalogueFile';
import { readCatalogue, writeOwnItems } from '@/server/catalogue';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () => answer(await readCatalogue((await store()).db)));

export const POST = route(async (request) => {
  const items = itemsFromJson(await readJson(request, BODY_LIMITS.catalogue));
  return answer(await writeOwnItems((await store()).db, items));
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
