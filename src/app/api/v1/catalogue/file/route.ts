import { catalogueFile } from '@/contract/catalogueFile';
import { readOwnItems } from '@/server/catalogue';
import { route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () =>
  Response.json(catalogueFile(await readOwnItems((await store()).db)), {
    headers: { 'content-disposition': 'attachment; filename="own.foxcatalogue.json"', 'cache-control': 'no-store' },
  }),
);

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
