import { parse } from '@/contract/parse';
import { practiceRequest } from '@/contract/practice';
import { ProblemError } from '@/contract/problem';
import { systemClock } from '@/server/clock';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { keepRound, playedRounds } from '@/server/practice';
import { store } from '@/server/store';

export const GET = route(async () => answer({ rounds: await playedRounds((await store()).db) }));

export const POST = route(async (request, _parameters, asking) => {
  const asked = parse(practiceRequest, await readJson(request, BODY_LIMITS.compute));
  if (asking && asked.byId !== asking.account.personId) {
    const message = 'is somebody else than who is signed in';
    throw new ProblemError(403, `byId ${message}.`, [{ path: 'byId', message }]);
  }
  const { made, round } = await keepRound((await store()).db, systemClock, asked);
  return answer(round, made ? 201 : 200);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
