import { passkeyRequest } from '@/contract/passkeys';
import { parse } from '@/contract/parse';
import { audit } from '@/server/accounts/audit';
import { addPasskey, listPasskeys, siteOf } from '@/server/accounts/passkeys';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const GET = route(async (_request, _parameters, asking) =>
  answer({ passkeys: await listPasskeys(await store(), needed(asking)) }),
);

export const POST = route(async (request, _parameters, asking) => {
  const { credential } = parse(passkeyRequest, await readJson(request, BODY_LIMITS.compute));
  const known = needed(asking);
  const opened = await store();
  await addPasskey(opened, siteOf(request), known.account, credential, request.headers.get('user-agent'));
  await audit(opened, 'passkeyMade', known.account);
  return answer({ passkeys: await listPasskeys(opened, known) }, 201);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
