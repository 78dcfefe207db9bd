import type { EntryKind } from '@/core/job';

/** What an entry is about, in a word or two: for undo and for what could not be kept. */
export const ENTRY_WORDS: Readonly<Record<EntryKind, string>> = {
  siteDescribed: 'site',
  customerDescribed: 'customer',
  visitPlanned: 'visit',
  pointAdded: 'new point',
  pointDescribed: 'door',
  transformerDescribed: 'nameplate',
  runDescribed: 'wire run',
  chimeDescribed: 'chime',
  readingTaken: 'reading',
  choiceMade: 'choice',
  circuitListed: 'circuit',
  circuitSwitched: 'switching',
  deadProved: 'proof of dead',
  cameBack: 'came back',
  stepTicked: 'step',
  mountRecorded: 'mounting',
  waitStarted: 'timer',
  checkDone: 'check',
  pointLeft: 'handing over',
  noteWritten: 'note',
  entryStruck: 'strike',
};
