import { ProblemError } from '@/contract/problem';
import { systemClock } from '@/server/clock';
import { ownHouse } from '@/server/ownHouse';
import { playedRounds } from '@/server/practice';
import { store } from '@/server/store';
import { PracticePage } from '@/ui/practice/PracticePage';

export const metadata = { title: 'Practice' };

/** Of a time by ISO 8601, as far as its day goes. */
const ISO_DAY = 10;

interface Props {
  readonly searchParams: Promise<{ readonly job?: string; readonly point?: string }>;
}

export default async function Page({ searchParams }: Props) {
  const { db } = await store();
  const { job, point } = await searchParams;
  const own =
    typeof job === 'string' && typeof point === 'string'
      ? await ownHouse(db, systemClock, job, point).catch((error: unknown) => {
          // A job that is not there any more: the bench stands all the same
          if (error instanceof ProblemError) return null;
          throw error;
        })
      : null;
  return <PracticePage played={await playedRounds(db)} today={systemClock.now().slice(0, ISO_DAY)} own={own} />;
}
