import { parts, type Slots } from '../../parts';

/** Prove at a doorbell. */
export const prove = {
  thatIsAsIt: 'That is as it should be.',
  secondsUntilItRings: 'seconds until it rings',
  writeItDown: 'Write it down',
  toV: ({ low, high }: { readonly low: string; readonly high: string }) => `${low} to ${high} V`,
  theMainsReadBeside: 'The mains read beside it narrows that.',
  predicted: <T>({ state, low, theMainsRead }: Slots<T, 'state' | 'low' | 'theMainsRead'>) =>
    parts`Predicted ${state}: ${low}. ${theMainsRead}`,
  nothingIsKnownOf: 'Nothing is known of the supply: no band can be predicted, only what the device takes counts.',
  voltsAtTheDevices: 'volts at the device’s screws',
  mainsAtThatMoment: 'mains at that moment',
  leftOfMinDo: ({ minutes }: { readonly minutes: number }) => `left of ${minutes} min. Do another point meanwhile.`,
  theMinutesAreOver: ({ minutes }: { readonly minutes: number }) => `The ${minutes} minutes are over: look at it now.`,
  passed: 'passed',
  failed: 'failed',
  skipped: 'skipped',
  inToV: ({ bandLow, bandHigh }: { readonly bandLow: string; readonly bandHigh: string }) =>
    ` in ${bandLow} to ${bandHigh} V`,
  again: 'again',
  doItNow: 'do it now',
  atTheThatThe: <T>({ metered, expectedReport }: Slots<T, 'metered' | 'expectedReport'>) =>
    parts`At the ${metered} that the meter showed it should say ${expectedReport}.`,
  startTheTimerMin: ({ minutes }: { readonly minutes: number }) => `Start the timer, ${minutes} min`,
  why: ({ asking }: { readonly asking: string }) => `why ${asking}`,
  itFailed: 'It failed',
  skipIt: 'Skip it',
  passed2: 'Passed',
  failed2: 'Failed',
  skip: 'Skip',
  powerOn: 'Power on',
  oneStepOfWire: 'One step of Wire is',
  stepsOfWireAre: ({ open }: { readonly open: number }) => `${open} steps of Wire are`,
  notTickedCloseUp: ({ oneStepOf }: { readonly oneStepOf: string }) => `${oneStepOf} not ticked: close up first.`,
  everySpliceClosedAnd: 'Every splice closed and folded, covers on, nobody touching, ladder clear, tag off.',
  theCircuit: 'The circuit',
  isOn: ({ way }: { readonly way: string }) => `${way} is on`,
  noCircuitIsNamed: 'No circuit is named yet: name it at Isolate, so that the sheet says how to switch it off.',
  oneCheckFailed: 'One check failed',
  checksFailed: ({ failed }: { readonly failed: number }) => `${failed} checks failed`,
  putItRightThen: ({ oneCheckFailed }: { readonly oneCheckFailed: string }) =>
    `${oneCheckFailed}: put it right, then do it again.`,
};
