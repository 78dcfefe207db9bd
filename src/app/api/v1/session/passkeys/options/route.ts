import { newPasskeyOptions, siteOf } from '@/server/accounts/passkeys';
import { answer, needed, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request, _parameters, asking) => {
  const { account } = needed(asking);
  const site = siteOf(request);
  return answer({ options: await newPasskeyOptions(await store(), site, account) });
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
