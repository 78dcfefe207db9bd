// Before the browser tests: the program in a fresh clone, by the README’s command. All of them run on what it built.
// FOX_LADDER_BUILT=. takes what is built in this folder instead, for a quick look at one test.
import { asNewcomer } from '../../scripts/newcomer.mjs';
import { filledFolder } from '../../scripts/temporary.mjs';

export default async function setup() {
  if (!process.env.FOX_LADDER_BUILT) {
    const newcomer = await asNewcomer();
    globalThis.foxLadderNewcomer = newcomer;
    process.env.FOX_LADDER_BUILT = newcomer.folder;
    process.env.FOX_LADDER_DEMO = newcomer.url;
    process.env.FOX_LADDER_PRINTED = newcomer.printed();
  }
  globalThis.foxLadderFilled = await filledFolder(process.env.FOX_LADDER_BUILT);
  process.env.FOX_LADDER_FILLED = globalThis.foxLadderFilled;
}
