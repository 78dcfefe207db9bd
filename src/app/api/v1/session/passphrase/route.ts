import { passphraseRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { changeOwnPassphrase } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request, _parameters, asking) => {
  const asked = parse(passphraseRequest, await readJson(request, BODY_LIMITS.compute));
  return changeOwnPassphrase(await store(), request, needed(asking), asked);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
