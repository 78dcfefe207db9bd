// npm run rebuild: one tool of src/cli, with what it needs set up.
import { stop } from './serve.mjs';
import { ensureDependencies, ensureNode, runTool } from './setup.mjs';

const [name, ...args] = process.argv.slice(2);
try {
  ensureNode();
  ensureDependencies();

  await runTool(name, args);
} catch (error) {
  stop(error.message);
}
