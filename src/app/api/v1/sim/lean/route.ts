import { parse } from '@/contract/parse';
import { leanQuery } from '@/contract/simulated';
import { answer, route } from '@/server/http/route';
import { leanAt } from '@/server/instruments/simulated';
import { store } from '@/server/store';

export const GET = route(async (request) => {
  const { job, point, held } = parse(leanQuery, Object.fromEntries(new URL(request.url).searchParams));
  return answer(await leanAt(await store(), job, point, held));
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
