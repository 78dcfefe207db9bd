import { openApi } from '@/contract/described/openApi';
import { answer, route } from '@/server/http/route';

export const GET = route(() => Promise.resolve(answer(openApi())));
