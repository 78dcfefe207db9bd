import { parts, type Slots } from '../../parts';

/** The sheet. */
export const sheet = {
  planOfSite: 'Plan of the site',
  letStandBy: ({ name, words }: { readonly name: string; readonly words: string }) => `let stand by ${name}: ${words}`,
  leversOf: ({ ways }: { readonly ways: string }) => `The levers of the board; yours: ${ways}`,
  yours: ({ names }: { readonly names: string }) => `Yours now: ${names}`,
  fittedBy: ({ by }: { readonly by: string }) => `by ${by}`,
  toSwitchItOff: 'To switch it off',
  atTheBoard: ({ board, place }: { readonly board: string; readonly place: string }) =>
    `At the ${board}${place ? `, ${place}` : ''}. Lever the other way is off; back again, it is there in two minutes.`,
  pullItsPlug: 'pull its plug',
  leaveItOn: 'Leave it on, also when you are away: without power it neither rings nor sees.',
  whenSomethingFails: 'When something fails',
  smellHeatWater: 'Smell, heat, water',
  offAndAskUs: 'Off, leave it off, ask us the same day.',
  yoursToKnow: 'Yours to know',
  accountIs: ({ owner }: { readonly owner: string }) => `The account is in the name of ${owner}.`,
  shownToMe: 'Shown to me: switching off, ringing, the picture',
  forTheCrew: 'For the crew',
  forTheTrade: 'For the trade',
  provedDead: 'Proved dead',
  itsConductors: 'at its conductors',
  itsBellWires: 'at its bell wires',
  asFound: 'As found',
  asBuilt: 'As built',
  whatFailed: 'What failed',
  worriesFirst: 'Still open',
  customerErased: 'Customer erased',
  nothingWrittenDown: 'Nothing written down.',
  reading: 'reading',
  read: 'read',
  by: 'by',
  withoutProofOfDead: 'without proof of dead',
  bySomebodyElse: 'by somebody else',
  asBuiltDiffers: ({ differs }: { readonly differs: string }) => `As built differs: ${differs}`,
  done: ({ how }: { readonly how: string }) => `Done ${how}`,
  open: 'open',
  predictedToV: ({ bandLow, bandHigh }: { readonly bandLow: string; readonly bandHigh: string }) =>
    `predicted ${bandLow} to ${bandHigh} V`,
  atMostS: ({ most }: { readonly most: number }) => `at most ${most} s`,
  mainsV: ({ mainsVolts }: { readonly mainsVolts: number }) => `mains ${mainsVolts} V`,
  notAnswered: 'not answered',
  to: ({ customer }: { readonly customer: string }) => ` to ${customer}`,
  signature: 'signature',
  signedBy: ({ name, at }: { readonly name: string; readonly at: string }) =>
    `Signed${name === '' ? '' : ` by ${name}`}, ${at}`,
  notSignedAbsent: ({ why, at }: { readonly why: string; readonly at: string }) =>
    `Not signed, ${at}: nobody was there. ${why}`,
  notSignedRefused: ({ why, at }: { readonly why: string; readonly at: string }) =>
    `Not signed, ${at}: refused. ${why}`,
  sharedWith: ({ sharers }: { readonly sharers: string }) => `It is shared with ${sharers}.`,
  handedOverBy: <T>({ customer, name, remark }: Slots<T, 'customer' | 'name' | 'remark'>) =>
    parts`Handed over${customer} by ${name}. ${remark}`,
  photos: 'Photos',
  trialPicture: 'trial picture',
  photo: 'photo',
  open2: 'Open',
  nothingElse: 'Nothing else is open.',
  noWorryIsOpen: 'No worry is open.',
  noneYet: 'none yet',
  parts: ({ parts }: { readonly parts: string }) => `Parts: ${parts}`,
  howToSwitchIt: 'How to switch it off',
  byItsPlugPulled: 'By its plug: pulled, it is off.',
  noCircuitWasNamed: 'No circuit was named.',
  readOnTheSimulated: ' (read on the simulated meter)',
  bothAreSwitchedOff: ' Both are switched off.',
  stateNow: ({
    filter,
    boardPlace,
    say,
    readOnThe,
    bothAreSwitched,
  }: {
    readonly filter: string;
    readonly boardPlace: string;
    readonly say: string;
    readonly readOnThe: string;
    readonly bothAreSwitched: string;
  }) => `${filter}${boardPlace}. State now: ${say}${readOnThe}.${bothAreSwitched}`,
  asBuiltSoFar: ({ place }: { readonly place: string }) => `${place} as built so far`,
  jobSheet: ({ printedAt }: { readonly printedAt: string }) => `Job sheet, ${printedAt}`,
  entries: ({ last }: { readonly last: number }) => `${last} entries`,
  backToTheJob: 'Back to the job',
  yearBuilt: 'year built',
  notes: 'Notes',
  cautions: 'Cautions',
  theTransformersPrimarySide: ' The transformer’s primary side is mains.',
  mainsCanKillIf: <T>({ mainsWork, transformer }: Slots<T, 'mainsWork' | 'transformer'>) =>
    parts`${mainsWork} Mains can kill: if not competent and permitted, hire a licensed electrician.${transformer} Local code governs.`,
  installer: 'installer',
  customer: 'customer',
  date: 'date',
  supply: 'supply',
  access: 'access',
  visit: 'visit',
};
