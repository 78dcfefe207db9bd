import type { Terms } from '../../terms';

/** Verdicts, findings and the state of a circuit. */
export const verdict = {
  lastsIn: ({ belief, settled }: { readonly belief: string; readonly settled: string }) =>
    `Lasts in ${belief} of cases, ${settled}.`,
  settled: 'settled',
  leadingSoFar: 'leading so far',
  theCircuitOf: ({ way }: { readonly way: string }) => `${way}:`,
  failed: 'Failed when proved',
  failedLetStand: 'Failed, let stand',
  letStandBy: ({ name, words }: { readonly name: string; readonly words: string }) => `${name}: ${words}`,
  putRightOrLetStand: 'Put it right and do it again, or say at Prove why it may stand.',
  workedOutBefore: 'Worked out before it was proved:',
  nOTKNOWN: 'NOT KNOWN',
  lIVE: 'LIVE',
  oFF: 'OFF',
  pROVEDDEAD: 'PROVED DEAD',
  noBreakerOutOf: ({ way, outlet }: Pick<Terms, 'way' | 'outlet'>) =>
    `no ${way} · out of its ${outlet} until all is wired`,
  aPlug: 'a plug',
  plugIsIt: 'plug?',
  plugNotSeenOut: 'plug not seen out',
  plugIn: 'plug in',
  plugOut: 'plug out',
  noCircuitNamed: 'no circuit named',
  simulatedMeter: ' · simulated meter',
  taggedNotProved: ' · tagged, not proved',
  notTagged: ' · not tagged',
  lockedNotProved: ' · locked and tagged, not proved here',
  stop: 'stop',
  open: 'open',
  worry: 'worry',
  remark: 'remark',
  show: 'show',
  believedToHold: ({ belief }: { readonly belief: string }) => `believed to hold ${belief} · `,
};
