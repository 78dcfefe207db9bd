import { parse } from '@/contract/parse';
import { practiceRequest } from '@/contract/practice';
import { systemClock } from '@/server/clock';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { keepRound, playedRounds } from '@/server/practice';
import { store } from '@/server/store';

export const GET = route(async () => answer({ rounds: await playedRounds((await store()).db) }));

export const POST = route(async (request) => {
  const asked = parse(practiceRequest, await readJson(request, BODY_LIMITS.compute));
  const { made, round } = await keepRound((await store()).db, systemClock, asked);
  return answer(round, made ? 201 : 200);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
