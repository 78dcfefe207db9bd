import { practiceWords } from '@/words/screens';
import { DIAL, type BenchEvent, type BenchPlace, type Slip, type Terminal, type WiringPart } from '@/core/practice';
import type { FigureOf, Found } from '@/core/faults';
import { said } from '@/core/said';
import type { Say, Terms } from '@/words';

export const PLACE_NAMES: Readonly<Record<BenchPlace, string>> = {
  board: practiceWords.placeBoard,
  transformer: practiceWords.placeTransformer,
  hall: practiceWords.placeHall,
  chime: practiceWords.placeChime,
  door: practiceWords.placeDoor,
  fixture: practiceWords.placeFixture,
};

export const TO_PLACES: Readonly<Record<BenchPlace, string>> = {
  board: practiceWords.toBoard,
  transformer: practiceWords.toTransformer,
  hall: practiceWords.toHall,
  chime: practiceWords.toChime,
  door: practiceWords.toDoor,
  fixture: practiceWords.toFixture,
};

/** What a terminal is called; with the ends of the wires on the chime they and its screws are one. */
export function terminalName(terminal: Terminal, { hot, ground }: Pick<Terms, 'hot' | 'ground'>): string {
  switch (terminal) {
    case 'outletHot':
    case 'hot':
      return hot;
    case 'ground':
      return ground;
    case 'outletNeutral':
    case 'neutral':
      return practiceWords.terminalNeutral;
    case 'screw1':
      return practiceWords.terminalScrew1;
    case 'screw2':
      return practiceWords.terminalScrew2;
    case 'trans':
      return practiceWords.terminalTrans;
    case 'front':
      return practiceWords.terminalFront;
    case 'run1A':
      return practiceWords.terminalRun1A;
    case 'run1B':
      return practiceWords.terminalRun1B;
    case 'run2A':
      return practiceWords.terminalRun2A;
    case 'run2B':
      return practiceWords.terminalRun2B;
    case 'door1':
      return practiceWords.terminalDoor1;
    case 'door2':
      return practiceWords.terminalDoor2;
  }
}

export const SLIP_WORDS: Readonly<Record<Slip, string>> = {
  flash: practiceWords.slipFlash,
  ampsAcross: practiceWords.slipAmps,
  ohmsOnLive: practiceWords.slipOhms,
  workedLive: practiceWords.slipLive,
  notProved: practiceWords.slipProof,
  notSpread: practiceWords.slipSpread,
  wasOff: practiceWords.slipOff,
  notAsItStands: practiceWords.slipWires,
  directVolts: practiceWords.slipDirect,
  rangeTooLow: practiceWords.slipRangeLow,
  rangeTooHigh: practiceWords.slipRangeHigh,
  again: practiceWords.slipAgain,
};

export const WIRE_WORDS: Readonly<Record<WiringPart, Readonly<Partial<Record<string, string>>>>> = {
  screws: { on: practiceWords.screwsOn, apart: practiceWords.screwsApart, joined: practiceWords.screwsJoined },
  run1: { on: practiceWords.run1On, apart: practiceWords.run1Apart },
  run2: { on: practiceWords.run2On, apart: practiceWords.run2Apart },
  module: { on: practiceWords.moduleOn, apart: practiceWords.moduleApart },
  leads: { on: practiceWords.leadsOn, apart: practiceWords.leadsApart, joined: practiceWords.leadsJoined },
  cover: { on: practiceWords.coverOn, apart: practiceWords.coverOff },
  lamps: { on: practiceWords.lampsOn, off: practiceWords.lampsOff },
};

/** How what was done is said at one site. */
export interface Speaks {
  readonly say: Say;
  readonly terms: Terms;
  /** What the device does while it is tested. */
  readonly state: string;
  /** What figure a test shows; null: none. */
  readonly figureOf: (test: string) => FigureOf;
}

export const faultName = (fault: string, { say }: Pick<Speaks, 'say'>): string => say(said('faultName', { fault }));
export const testName = (test: string, { say, state }: Pick<Speaks, 'say' | 'state'>): string =>
  say(said('testName', { test, state }));

/** What a test came to, in words or as a figure. */
export const foundText = (test: string, found: Found, of: FigureOf, { say }: Speaks): string =>
  'word' in found
    ? say(said('testWord', { test, word: found.word }))
    : say(said('testFigure', { value: found.value, of }));

/** One act, as it stands in the diary. */
export function eventText({ act, came }: BenchEvent, speaks: Speaks): string {
  const { terms } = speaks;
  switch (act.do) {
    case 'walk':
      return practiceWords.walked({ where: TO_PLACES[act.to] });
    case 'off':
      return practiceWords.switchedOff;
    case 'on':
      return practiceWords.switchedOn;
    case 'prove':
      return came.of === 'proof' && came.isDead ? practiceWords.provedDead : practiceWords.provedLive;
    case 'wire':
      return WIRE_WORDS[act.part][act.to] ?? '';
    case 'read':
      return practiceWords.read({
        from: terminalName(act.red, terms),
        to: terminalName(act.black, terms),
        text: came.of === 'reading' ? came.reading.text : '',
        unit: came.of === 'reading' && came.reading.value !== null ? DIAL[act.dial].unit : '',
      });
    case 'look': {
      const found = came.of === 'answer' ? came.found : null;
      return practiceWords.looked({
        test: testName(act.test, speaks),
        answer: found ? foundText(act.test, found, speaks.figureOf(act.test), speaks) : '',
      });
    }
    case 'repair': {
      const fault = faultName(act.fault, speaks);
      if (came.of !== 'repair') return practiceWords.notDone({ fault });
      return came.works ? practiceWords.repairedAndWorks({ fault }) : practiceWords.repairedInVain({ fault });
    }
    case 'allFine':
      return practiceWords.saidFine;
    case 'giveUp':
      return practiceWords.gaveUp;
  }
}
