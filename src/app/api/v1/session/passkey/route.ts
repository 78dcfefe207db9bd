import { passkeyRequest } from '@/contract/passkeys';
import { parse } from '@/contract/parse';
import { signInByPasskey } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request) => {
  const { credential } = parse(passkeyRequest, await readJson(request, BODY_LIMITS.compute));
  return signInByPasskey(await store(), request, credential);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
