import { shelfNamed } from '@/contract/catalogueFile';
import { answer, route } from '@/server/http/route';
import { removeOwnItem } from '@/server/ownItems';
import { catchUpSoon } from '@/server/projection/soon';
import { store } from '@/server/store';

export const DELETE = route(async (_request, { shelf = '', item = '' }) => {
  const { db } = await store();
  const catalogue = await removeOwnItem(db, shelfNamed(shelf), item);
  catchUpSoon(db);
  return answer(catalogue);
});

export { notAllowed as GET, notAllowed as POST, notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
