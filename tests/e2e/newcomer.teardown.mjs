export default async function teardown() {
  await globalThis.foxLadderNewcomer?.clear();
}
