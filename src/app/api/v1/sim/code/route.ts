import { parse } from '@/contract/parse';
import { codeQuery } from '@/contract/simulated';
import { answer, route } from '@/server/http/route';
import { codeAt } from '@/server/instruments/simulated';
import { store } from '@/server/store';

export const GET = route(async (request) => {
  const { job, point } = parse(codeQuery, Object.fromEntries(new URL(request.url).searchParams));
  return answer(await codeAt(await store(), job, point));
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
