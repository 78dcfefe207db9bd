import { parse } from '@/contract/parse';
import { leanQuery } from '@/contract/simulated';
import { answer, route } from '@/server/http/route';
import { simulatedAt } from '@/server/instruments/simulated';
import { store } from '@/server/store';
import { leanAt } from '@/sim';

export const GET = route(async (request) => {
  const { job: jobId, point: pointId, held } = parse(leanQuery, Object.fromEntries(new URL(request.url).searchParams));
  const { job, point } = await simulatedAt(await store(), jobId, pointId);
  return answer(leanAt(job, point, held));
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
