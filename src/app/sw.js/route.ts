import { readFile } from 'node:fs/promises';
import path from 'node:path';

/** The service worker, bundled beside the build (`scripts/setup.mjs`): it stands for the whole site, so it lies at its root. */
export async function GET(): Promise<Response> {
  const code = await readFile(path.join(process.cwd(), '.next/sw.js'), 'utf8').catch(() => null);
  if (code === null) return new Response('There is none in development.', { status: 404 });
  return new Response(code, {
    headers: {
      'content-type': 'text/javascript; charset=utf-8',
      'cache-control': 'no-cache',
      'x-content-type-options': 'nosniff',
    },
  });
}
