import { readCatalogue } from '@/server/catalogue';
import { store } from '@/server/store';
import { CataloguePage } from '@/ui/catalogue/CataloguePage';

export const metadata = { title: 'Catalogue' };

export default async function Page() {
  return <CataloguePage first={await readCatalogue((await store()).db)} />;
}
