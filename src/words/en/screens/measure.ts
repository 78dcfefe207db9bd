import { parts, type Slots } from '../../parts';

/** Measure at a doorbell. */
export const measure = {
  notConnected: 'not connected',
  atTheDoor: 'at the door',
  atTheTransformer: 'at the transformer',
  acrossTheChime: 'across the chime',
  coilInTheLoop: 'coil in the loop, nothing added',
  moduleAcrossIt: 'module across it',
  jumperOrFuseLink: 'jumper or fuse link across it',
  chimeOutOfThe: 'chime out of the loop',
  openVoltsTransformer: 'open volts, transformer',
  mainsVolts: 'mains volts',
  loopOhmsToThe: ({ midwayWords }: { readonly midwayWords: string }) => `loop ohms to the ${midwayWords}`,
  loopOhmsToTheDoor: 'loop ohms to the door',
  chimeCoilOhms: 'chime coil ohms',
  volts: 'volts',
  where: 'where',
  theDeviceIs: 'the device is',
  whatItSaysOf: 'what it says of its supply meanwhile',
  whileThisIsRead: 'while this is read, the chime is',
  voltsUnderIt: 'volts under it',
  wouldPullA: ({
    ohms,
    openVolts,
    mostOfRating,
    va,
    testOhms,
  }: {
    readonly ohms: number;
    readonly openVolts: string;
    readonly mostOfRating: number;
    readonly va: string;
    readonly testOhms: number;
  }) =>
    `${ohms} Ω would pull ${openVolts} A: more than ${mostOfRating} times the rated ${va} A. Take ${testOhms} Ω or more.`,
  knownResistor: 'known resistor',
  typeTheResistorsOhms: 'Type the resistor’s ohms beside it.',
  onItsLabel: 'on its label',
  theFirstFigure: 'the first figure',
  aNewTransformerIs:
    'A new transformer is chosen: the old one needs no further reading. Read the new one’s open volts when it stands.',
  enough: 'Enough.',
  noReadingThatCould: <T>({ enough }: Slots<T, 'enough'>) =>
    parts`${enough} No reading that could be taken would change what is proposed.`,
  wouldChangeNothingNow: ({ idle }: { readonly idle: string }) => `Would change nothing now: ${idle}.`,
  thereAndBackIn: 'there and back in it',
  oneWayOnlyThe: 'one way only, the other runs elsewhere',
  to: ({ lengthWords, lengthWords2 }: { readonly lengthWords: string; readonly lengthWords2: string }) =>
    `${lengthWords} to ${lengthWords2}`,
  length: 'length',
  gauge: 'gauge',
  aWG: 'AWG',
  moreAboutThisCable: 'more about this cable',
  theLoopsTwoWays: 'the loop’s two ways',
  voltsOnTheirWay: 'Volts on their way to the door',
  workedOutFor: ({ words }: { readonly words: string }) => `Worked out for ${words}.`,
  chimeAndTransformerSit:
    'Chime and transformer sit in one housing here: they are one choice, and opening it is mains work. What it gives now decides nothing, whatever you read: a new transformer takes its place, and its open volts are read at Prove.',
  whichReadingNext: 'Which reading next',
  wire: 'Wire',
  housingToDoor: 'Housing to door',
  aReading: 'a reading',
  theseDoNotGo: 'These do not go together',
  to2: ({ low, high, unit }: { readonly low: string; readonly high: string; readonly unit: string }) =>
    `${low} to ${high} ${unit}`,
  byAllTheOthers: <T>({ low }: Slots<T, 'low'>) => parts`By all the others it should read ${low}.`,
  againstTimesItsOwn: <T>({ named, others, sigmas, expected }: Slots<T, 'named' | 'others' | 'sigmas' | 'expected'>) =>
    parts`${named} against ${others}: ${sigmas} times its own doubt away.${expected}`,
  itMayBeThat: ({ mayBe }: { readonly mayBe: string }) => `It may be that ${mayBe}.`,
  atItsRatedA: ({ ratedAmps, likely }: { readonly ratedAmps: string; readonly likely: string }) =>
    `At its rated ${ratedAmps} A the transformer gives ${likely}`,
  open: ({ likely }: { readonly likely: string }) => `Open ${likely}`,
  ampsDrawn: 'amps drawn',
  nameplateVVA: <T>({ ratedVolts, va }: Slots<T, 'ratedVolts' | 'va'>) => parts`nameplate ${ratedVolts} V ${va} VA`,
  atRatedCurrentTo: <T>({ likely, low, high }: Slots<T, 'likely' | 'low' | 'high'>) =>
    parts`At rated current ${likely} (${low} to ${high}).`,
  notAtTheVA: ({ va }: { readonly va: number }) =>
    `, not at the ${va} VA of its plate: another tap, a tired one, or the wrong plate.`,
  itFallsToIts: ({
    ratedVolts,
    likely,
    low,
    high,
    va,
  }: {
    readonly ratedVolts: number;
    readonly likely: string;
    readonly low: string;
    readonly high: string;
    readonly va: string;
  }) => `It falls to its ${ratedVolts} V at ${likely} VA (${low} to ${high})${va}`,
  notTrueRms: 'not true-rms',
  trueRms: 'true-rms',
  asAnOrdinaryOne: ', as an ordinary one',
  theMeterAndCounts: ({
    percent,
    counts,
    notTrueRms,
    asAnOrdinary,
  }: {
    readonly percent: number;
    readonly counts: number;
    readonly notTrueRms: string;
    readonly asAnOrdinary: string;
  }) => `The meter: ± ${percent} % and ${counts} counts, ${notTrueRms}${asAnOrdinary}`,
  itStandsInThe:
    'It stands in the meter’s sheet as “±(1 % + 3)”. One that is not true-rms reads up to 0.7 V high while a device runs.',
  takeItsFiguresOver: 'take its figures over',
  aChimeLikeIt: 'a chime like it, from the catalogue',
  sayAtLookWhere: 'Say at Look where a supply can come from.',
  theSupplyComesFrom: ({ answerName }: { readonly answerName: string }) =>
    `The supply comes from ${answerName}; its open volts are read at Prove, before anything hangs on it.`,
  thereWasNoBell: ({ sayAtLook }: { readonly sayAtLook: string }) =>
    `There was no bell here: no nameplate, no chime and no old wire to read. ${sayAtLook}`,
  sayWhereItComes: 'Say where it comes from',
  theNewCable: 'The new cable',
  supplyToDoorWhere: 'Supply to door, where it differs from its way at Look',
  readingsAsCSV: 'Readings as CSV',
  takeInACSV: 'Take in a CSV',
  oneReading: 'One reading',
  readings: ({ taken }: { readonly taken: number }) => `${taken} readings`,
  takenIn: ({ oneReading }: { readonly oneReading: string }) => `${oneReading} taken in.`,
  nothingWasTakenIn: 'Nothing was taken in:',
  row: ({ row, column, message }: { readonly row: number; readonly column: string; readonly message: string }) =>
    `row ${row}, ${column}: ${message}`,
  andMore: ({ faults }: { readonly faults: number }) => `and ${faults} more.`,
  nothingReadYetOne: 'Nothing read yet. One figure is enough to begin.',
  read: 'read',
  offBy: 'off by',
  strike: 'strike',
  typed: 'typed',
  strike2: ({ readingWords, readingFigure }: { readonly readingWords: string; readonly readingFigure: string }) =>
    `Strike ${readingWords}, ${readingFigure}`,
  ofCantBeExplained: ({ wrong, fits }: { readonly wrong: number; readonly fits: number }) =>
    `${wrong} of ${fits} can’t be explained by the same circuit as the others: read again.`,
  allOfThemAgree: 'All of them agree with one circuit.',
  wForAsLong: ({ rated }: { readonly rated: number }) => `${rated} W for as long as it takes`,
  wNotAtAll: ({ rated }: { readonly rated: number }) => `${rated} W not at all`,
  wForS: ({ rated, seconds }: { readonly rated: number; readonly seconds: number }) => `${rated} W for ${seconds} s`,
  takeItPullsA: <T>({ ohms, amps, watts, ratings }: Slots<T, 'ohms' | 'amps' | 'watts' | 'ratings'>) =>
    parts`Take ${ohms}: it pulls ${amps} A and burns ${watts}. A resistor of ${ratings}.`,
  volts2: ({ screws }: { readonly screws: string }) => `${screws} volts`,
  theVAOfStand: ({ screws }: { readonly screws: string }) => `The VA of ${screws} stand beside its volts on the label.`,
  s1S3GivesThe: ({ a }: { readonly a: number }) =>
    `S1–S3 gives the sum of the other two, about ${a} V. Read the label again.`,
  theVoltsOfAre: ({ screws }: { readonly screws: string }) => `The volts of ${screws} are missing.`,
  itHasThreeBell: 'It has three bell screws',
  eachPairGivesOther: 'Each pair gives other volts and has VA of its own: another pair may be all that is needed.',
  keepTheLabel: 'Keep the label',
  theBellWiresAre: 'the bell wires are on',
  guessed: ({ guesses }: { readonly guesses: string }) => `Guessed: ${guesses}.`,
  quickReadings: 'Quick readings',
  whatHasBeenRead: 'What has been read',
  howTheTransformerSags: 'How the transformer sags',
  whileTheDeviceRuns: 'While the device runs',
  transformerTo: ({ midway }: { readonly midway: string }) => `Transformer to ${midway}`,
  toDoor: ({ midway }: { readonly midway: string }) => `${midway} to door`,
  underAKnownResistor: 'Under a known resistor',
  resistorsAndTransformersGet: 'Resistors and transformers get hot: read within seconds, then take it off.',
};
