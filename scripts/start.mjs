// npm start: for real use; an empty data folder is made where there is none.
import path from 'node:path';
import { serve, stop, wantedPort } from './serve.mjs';
import { ensureBuild, ensureDependencies, ensureNode } from './setup.mjs';

try {
  ensureNode();
  const port = await wantedPort();
  ensureDependencies();
  await ensureBuild();
  await serve(port, path.resolve(process.env.FOX_LADDER_DATA ?? './data'));
} catch (error) {
  stop(error.message);
}
