import { parse } from '@/contract/parse';
import { deviceQuery } from '@/contract/simulated';
import { answer, route } from '@/server/http/route';
import { deviceAt } from '@/server/instruments/simulated';
import { store } from '@/server/store';

export const GET = route(async (request) => {
  const { job, point, told } = parse(deviceQuery, Object.fromEntries(new URL(request.url).searchParams));
  return answer(await deviceAt(await store(), job, point, told));
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
