import type { Terms } from '../../terms';

/** Verdicts, findings and the state of a circuit. */
export const verdict = {
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
