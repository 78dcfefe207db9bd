/** The label for a breaker. */
export const breakerLabel = {
  noSuchCircuit: 'This job has no such circuit any more.',
  label: ({ way, what }: { readonly way: string; readonly what: string }) => `Label: ${way}, ${what}`,
  feeds: ({ points }: { readonly points: string }) => `feeds: ${points}`,
  feedsNotSaid: 'feeds: not said',
  switchOffTagProve: 'Switch off, tag, prove dead: bell wires and mains side.',
  notChosenYet: 'not chosen yet',
  pullPlug: 'To work on it: pull its plug.',
  wayNotNamed: 'Its way was not named: find it, tag it, prove dead.',
  switchOffAt: ({ way }: { readonly way: string }) => `To work on it: ${way} off, tag, prove dead.`,
  circuitLabel: 'Circuit label',
  circuit: 'circuit',
  backToTheJob: 'Back to the job',
  keepAsSVG: 'Keep as SVG',
  print: 'Print',
  labelStock: 'label stock',
  onlyThisMachine: 'This code leads to this machine alone: a phone that reads it finds nothing.',
  setTheAddress: 'Set the address in Settings',
  theCodeLeadsTo: ({ address }: { readonly address: string }) =>
    `The code leads to the record of this job: ${address}. Printed in its own size; choose “100 %” and no margins.`,
};
