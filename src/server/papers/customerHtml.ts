import { jobLog } from '../jobs/jobLog';
import type { Store } from '../storeOf';
import { threadOfPapers } from './paperOf';

/**
 * The page that a customer keeps, as markup to be shown, with the photos of the job. Made apart, as documents are.
 * @param photos address under which the photos lie
 * @throws ProblemError 404 no such job · 503 the program was not built
 */
export async function customerHtml({ db, clock }: Store, jobId: string, photos: string): Promise<string> {
  const { head, entries } = await jobLog(db, jobId);
  const source = { log: JSON.stringify({ head, entries }), printedAt: clock.now(), photos };
  return (await threadOfPapers().run(source, { name: 'customerPage' })) as string;
}
