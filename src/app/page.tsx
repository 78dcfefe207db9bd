import { readOwnItems } from '@/server/catalogue';
import { boardJobs, dayOf } from '@/server/jobs/jobList';
import { store } from '@/server/store';
import { Board } from '@/ui/board/Board';
import { JobCode } from '@/ui/job/JobCode';

interface Props {
  readonly searchParams: Promise<{ readonly q?: string | string[] }>;
}

export default async function BoardPage({ searchParams }: Props) {
  const { q } = await searchParams;
  const words = typeof q === 'string' ? q.slice(0, 200) : '';
  const { db, clock } = await store();
  return (
    <>
      <Board
        parts={await boardJobs(db, words, dayOf(clock.now()))}
        q={words}
        madeAt={clock.now()}
        own={await readOwnItems(db)}
      />
      <JobCode />
    </>
  );
}
