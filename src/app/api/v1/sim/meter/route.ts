import { parse } from '@/contract/parse';
import { meterQuery, taskOf } from '@/contract/simulated';
import { route } from '@/server/http/route';
import { simulatedAt } from '@/server/instruments/simulated';
import { meterStream } from '@/server/instruments/meterStream';
import { store } from '@/server/store';
import { meterAt } from '@/sim';

export const GET = route(async (request) => {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const asked = parse(meterQuery, { state: 'open', ...query });
  const { job, point } = await simulatedAt(await store(), asked.job, asked.point);
  return meterStream(meterAt(job, point), taskOf(asked), request.signal);
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
