import { againRequest } from '@/contract/passkeys';
import { parse } from '@/contract/parse';
import { passphraseAgain } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request, _parameters, asking) => {
  const { passphrase } = parse(againRequest, await readJson(request, BODY_LIMITS.compute));
  return passphraseAgain(await store(), request, needed(asking), passphrase);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
