import { rmSync } from 'node:fs';

export default async function teardown() {
  await globalThis.foxLadderNewcomer?.clear();
  if (globalThis.foxLadderFilled) rmSync(globalThis.foxLadderFilled, { recursive: true, force: true });
}
