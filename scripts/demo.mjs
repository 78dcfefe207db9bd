// npm run demo [-- --fresh]: the made-up firm's jobs, in the browser.
import { cpSync, existsSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { serve, stop, wantedPort } from './serve.mjs';
import { ensureBuild, ensureDependencies, ensureNode, runTool } from './setup.mjs';

try {
  ensureNode();
  const folder = path.resolve(process.env.FOX_LADDER_DATA ?? './data');
  const port = await wantedPort();
  ensureDependencies();
  ensureBuild();
  if (process.argv.includes('--fresh') && existsSync(folder)) {
    const beside = `${folder}-${new Date().toISOString().replace(/[:.]/g, '-')}`;
    renameSync(folder, beside);
    console.log(`• the old data lie in ${beside}`);
  }
  if (!existsSync(path.join(folder, 'fox-ladder.db'))) {
    console.log('• demo data');
    // Made beside and put in place when it is whole: a demo that was broken off half-way leaves nothing half-made
    const making = `${folder}-making`;
    rmSync(making, { recursive: true, force: true });
    await runTool('demoData', [], { FOX_LADDER_DATA: making });
    if (existsSync(folder)) cpSync(making, folder, { recursive: true });
    else renameSync(making, folder);
    rmSync(making, { recursive: true, force: true });
  }
  await serve(port, folder);
} catch (error) {
  stop(error.message);
}
