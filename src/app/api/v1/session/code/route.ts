import { codeRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { signInByCode } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request) => {
  const { code } = parse(codeRequest, await readJson(request, BODY_LIMITS.compute));
  return signInByCode(await store(), request, code);
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
