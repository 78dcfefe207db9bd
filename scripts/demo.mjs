// npm run demo [-- --fresh]: the made-up firm's jobs, in the browser.
import { existsSync, renameSync } from 'node:fs';
import path from 'node:path';
import { serve, stop, wantedPort } from './serve.mjs';
import { ensureBuild, ensureDependencies, ensureNode, runTool } from './setup.mjs';

try {
  ensureNode();
  const folder = path.resolve(process.env.FOX_LADDER_DATA ?? './data');
  const port = await wantedPort();
  ensureDependencies();
  await ensureBuild();
  if (process.argv.includes('--fresh') && existsSync(folder)) {
    const beside = `${folder}-${new Date().toISOString().replace(/[:.]/g, '-')}`;
    renameSync(folder, beside);
    console.log(`• the old data lie in ${beside}`);
  }
  await runTool('demoData', [], { FOX_LADDER_DATA: folder });
  await serve(port, folder);
} catch (error) {
  stop(error.message);
}
