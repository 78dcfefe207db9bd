import { claimRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { claim } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request) => {
  const asked = parse(claimRequest, await readJson(request, BODY_LIMITS.compute));
  return claim(await store(), request, asked);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
