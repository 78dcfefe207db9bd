import { shelfCsv, shelfFromCsv, shelfNamed } from '@/contract/catalogueFile';
import { readCatalogue } from '@/server/catalogue';
import { BODY_LIMITS, readText } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { writeOwnItems } from '@/server/ownItems';
import { catchUpSoon } from '@/server/projection/soon';
import { store } from '@/server/store';

export const GET = route(async (_request, { shelf = '' }) => {
  const id = shelfNamed(shelf);
  const items = (await readCatalogue((await store()).db))[id];
  return new Response(
    shelfCsv(
      id,
      items.map(({ values }) => values),
    ),
    {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="${id}.csv"`,
        'cache-control': 'no-store',
      },
    },
  );
});

export const POST = route(async (request, { shelf = '' }) => {
  const items = shelfFromCsv(shelfNamed(shelf), await readText(request, BODY_LIMITS.catalogue));
  const { db } = await store();
  const catalogue = await writeOwnItems(db, items);
  catchUpSoon(db);
  return answer(catalogue);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
