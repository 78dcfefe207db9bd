import { repairsFound } from '@/server/projection/foundRepairs';
import { playedRounds } from '@/server/practice';
import { store } from '@/server/store';
import { PracticePage } from '@/ui/practice/PracticePage';

export const metadata = { title: 'Practice' };

export default async function Page() {
  const { db } = await store();
  return <PracticePage played={await playedRounds(db)} found={(await repairsFound(db)).counts} />;
}
