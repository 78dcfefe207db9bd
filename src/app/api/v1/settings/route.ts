import { parse } from '@/contract/parse';
import { settingsRequest } from '@/contract/settings';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { readSettings, writeSettings } from '@/server/settings';
import { store } from '@/server/store';

export const GET = route(async () => answer(await readSettings((await store()).db)));

export const POST = route(async (request) => {
  const change = parse(settingsRequest, await readJson(request, BODY_LIMITS.compute));
  return answer(await writeSettings((await store()).db, change));
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
