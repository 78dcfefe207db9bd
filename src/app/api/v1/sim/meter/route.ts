import { parse } from '@/contract/parse';
import { meterQuery, taskOf } from '@/contract/simulated';
import { route } from '@/server/http/route';
import { meterOf } from '@/server/instruments/simulated';
import { meterStream } from '@/server/instruments/meterStream';
import { store } from '@/server/store';

export const GET = route(async (request) => {
  const query = Object.fromEntries(new URL(request.url).searchParams);
  const asked = parse(meterQuery, { state: 'open', ...query });
  return meterStream(await meterOf(await store(), asked.job, asked.point), taskOf(asked), request.signal);
});

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
