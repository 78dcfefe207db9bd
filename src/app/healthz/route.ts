import { health } from '@/server/health';
import { route } from '@/server/http/route';

export const GET = route(async () => {
  const told = await health();
  return Response.json(told, { status: told.ok ? 200 : 503, headers: { 'cache-control': 'no-store' } });
});
