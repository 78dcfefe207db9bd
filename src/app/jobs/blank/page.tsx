import { readCatalogue } from '@/server/catalogue';
import { repairsFound } from '@/server/projection/foundRepairs';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { JobLater } from '@/ui/job/JobLater';

/** A job’s page without its job: kept in the browser, it serves any that the browser itself knows. */
export default async function Page() {
  const { db } = await store();
  const { counts, deadNew } = await repairsFound(db);
  return (
    <JobLater
      log={null}
      settings={await readSettings(db)}
      catalogue={await readCatalogue(db)}
      found={counts}
      deadNew={deadNew}
      ahead={<main id="main" className="page ahead" aria-busy="true" />}
    />
  );
}
