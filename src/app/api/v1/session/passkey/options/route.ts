import { signInOptions, siteOf } from '@/server/accounts/passkeys';
import { answer, route } from '@/server/http/route';
import { store } from '@/server/store';

export const POST = route(async (request) => {
  const site = siteOf(request);
  return answer({ options: await signInOptions(await store(), site) });
});

export { notAllowed as GET, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
