import { parts, type Slots } from '../../parts';

/** The sheet. */
export const sheet = {
  letStandBy: ({ name, words }: { readonly name: string; readonly words: string }) => `let stand by ${name}: ${words}`,
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
  handedOverBy: <T>({ customer, name, remark }: Slots<T, 'customer' | 'name' | 'remark'>) =>
    parts`Handed over${customer} by ${name}. ${remark}`,
  photos: 'Photos',
  trialPicture: 'trial picture',
  photo: 'photo',
  open2: 'Open',
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
