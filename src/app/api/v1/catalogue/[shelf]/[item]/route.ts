import { shelfNamed } from '@/contract/catalogueFile';
import { removeOwnItem } from '@/server/catalogue';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const DELETE = route(async (_request, { shelf = '', item = '' }) =>
  answer(await removeOwnItem((await store()).db, shelfNamed(shelf), item)),
);

export { notAllowed as GET, notAllowed as POST, notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
