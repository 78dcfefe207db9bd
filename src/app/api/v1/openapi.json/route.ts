import { openApi } from '@/contract/described/openApi';
import { answer, route } from '@/server/http/route';

export const GET = route(() => Promise.resolve(answer(openApi())));

export { notAllowed as POST, notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
