import { itemsFromJson } from '@/contract/catalogueFile';
import { readCatalogue } from '@/server/catalogue';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { writeOwnItems } from '@/server/ownItems';
import { catchUpSoon } from '@/server/projection/soon';
import { store } from '@/server/store';

export const GET = route(async () => answer(await readCatalogue((await store()).db)));

export const POST = route(async (request) => {
  const items = itemsFromJson(await readJson(request, BODY_LIMITS.catalogue));
  const { db } = await store();
  const catalogue = await writeOwnItems(db, items);
  catchUpSoon(db);
  return answer(catalogue);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
