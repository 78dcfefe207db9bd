// Before the browser tests: the program in a fresh clone, by the README’s command. All of them run on what it built.
// FOX_LADDER_BUILT=. takes what is built in this folder instead, for a quick look at one test. `npm run check` has it all ready.
import { rmSync } from 'node:fs';
import { asNewcomer } from '../../scripts/newcomer.mjs';
import { filledFolder } from '../../scripts/temporary.mjs';

/** @returns what clears it all away again */
export default async function setup() {
  let newcomer = null;
  if (!process.env.FOX_LADDER_BUILT) {
    newcomer = await asNewcomer();
    process.env.FOX_LADDER_BUILT = newcomer.folder;
    process.env.FOX_LADDER_DEMO = newcomer.url;
    process.env.FOX_LADDER_PRINTED = newcomer.printed();
  }
  if (process.env.FOX_LADDER_FILLED) return;
  const filled = await filledFolder(process.env.FOX_LADDER_BUILT);
  process.env.FOX_LADDER_FILLED = filled;
  return async () => {
    await newcomer?.clear();
    rmSync(filled, { recursive: true, force: true });
  };
}
