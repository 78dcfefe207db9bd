import { boardJobs } from '@/server/jobs/jobList';
import { store } from '@/server/store';
import { Board } from '@/ui/board/Board';

export default async function BoardPage() {
  return <Board jobs={await boardJobs((await store()).db, '')} />;
}
