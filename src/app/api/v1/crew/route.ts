import { newCrewRequest } from '@/contract/job';
import { parse } from '@/contract/parse';
import { addToCrew, listCrew } from '@/server/crew';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async () => answer({ crew: await listCrew((await store()).db) }));

export const POST = route(async (request) => {
  const person = parse(newCrewRequest, await readJson(request, BODY_LIMITS.compute));
  const { made, member } = await addToCrew((await store()).db, person);
  return answer(member, made ? 201 : 200);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
