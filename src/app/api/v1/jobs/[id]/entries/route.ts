import { parseEntries } from '@/contract/job';
import { checkBy } from '@/server/accounts/admit';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route, wholeNumber } from '@/server/http/route';
import { appendEntries } from '@/server/jobs/entryStore';
import { jobLog } from '@/server/jobs/jobLog';
import { store } from '@/server/store';

export const GET = route(async (request, { id = '' }) => {
  const query = new URL(request.url).searchParams;
  const after = wholeNumber(query, 'after', { standard: 0, least: 0, most: Number.MAX_SAFE_INTEGER });
  const { entries } = await jobLog((await store()).db, id);
  return answer({ entries: entries.filter(({ seq }) => seq > after), last: entries.at(-1)?.seq ?? 0 });
});

export const POST = route(async (request, { id = '' }, asking) => {
  const entries = parseEntries(await readJson(request, BODY_LIMITS.entries));
  checkBy(asking, entries);
  const { db, clock } = await store();
  return answer(await appendEntries(db, clock, id, entries));
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
