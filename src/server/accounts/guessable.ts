import type { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { ProblemError } from '@/contract/problem';

/** Of 0 to 4: below it a passphrase is among those that are tried first, by what its estimator says. */
const GOOD_FROM = 3;
/** What comes after so many letters makes it no easier to guess, and longer to look at. */
const LOOKED_AT = 64;

let made: Promise<ZxcvbnFactory> | undefined;

/** With the lists of what is common: read when the first passphrase is picked. */
async function estimator(): Promise<ZxcvbnFactory> {
  const [{ ZxcvbnFactory: Factory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  return new Factory({ dictionary, graphs: adjacencyGraphs });
}

const MESSAGE = 'is one of those that are tried first: common, repeated or in a row';

/** @param path of the field  @param names that whoever guesses knows too  @throws ProblemError 422 */
export async function refuseGuessable(path: string, passphrase: string, names: readonly string[]): Promise<void> {
  // What could not be read once is read anew for who comes next
  made ??= estimator().catch((error: unknown) => {
    made = undefined;
    throw error;
  });
  const { score } = (await made).check(passphrase.slice(0, LOOKED_AT), [...names]);
  if (score < GOOD_FROM) throw new ProblemError(422, `This passphrase ${MESSAGE}.`, [{ path, message: MESSAGE }]);
}
