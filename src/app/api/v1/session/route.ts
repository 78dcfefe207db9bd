import { signInRequest } from '@/contract/accounts';
import { parse } from '@/contract/parse';
import { isAnyAccount } from '@/server/accounts/accounts';
import { signsIn } from '@/server/accounts/admit';
import { signInByName, signOut } from '@/server/accounts/session';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async (_request, _parameters, asking) =>
  answer({
    signsIn: signsIn(),
    account: asking?.account ?? null,
    isFirst: signsIn() && !(await isAnyAccount(await store())),
  }),
);

export const POST = route(async (request) => {
  const asked = parse(signInRequest, await readJson(request, BODY_LIMITS.compute));
  return signInByName(await store(), request, asked);
});

export const DELETE = route(async (request, _parameters, asking) =>
  signOut(await store(), request, asking?.account ?? null),
);

export { notAllowed as PUT, notAllowed as PATCH } from '@/server/http/route';
