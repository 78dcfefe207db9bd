import { minutesBetween, type Found } from '../faults';
import { mixed, seeded } from '../random';
import type { BenchKind, Faulty } from './benchKind';
import { isProbing, type BenchReading, type MeterSlip, type Probing } from './benchMeter';
import { benchKindOf } from './kinds';
import type { Round } from './round';
import {
  AS_IT_STANDS,
  BENCH_PLACES,
  standsBut,
  TERMINALS,
  WIRING_PARTS,
  type BenchPlace,
  type Wiring,
  type WiringPart,
} from './wiring';

/** What somebody does at the bench. */
export type BenchAct =
  | { readonly do: 'walk'; readonly to: BenchPlace }
  /** Its way off with a tag on it, and on again; that at a place it is dead, tried with the meter. */
  | { readonly do: 'off' }
  | { readonly do: 'on' }
  | { readonly do: 'prove' }
  | { readonly do: 'wire'; readonly part: WiringPart; readonly to: string }
  | ({ readonly do: 'read' } & Probing)
  /** A test that is answered by a word, or by a phone. */
  | { readonly do: 'look'; readonly test: string }
  | { readonly do: 'repair'; readonly fault: string }
  /** Nothing is out of order here. */
  | { readonly do: 'allFine' }
  | { readonly do: 'giveUp' };

/** What went wrong with an act: dangerous, or in vain. */
export type Slip =
  | MeterSlip
  /** Hands on bell conductors whose circuit is on. */
  | 'workedLive'
  /** Work on mains without a proof: not done. */
  | 'notProved'
  /** Probes among mains conductors that nobody saw dead and spread. */
  | 'notSpread'
  /** A test that asks for its circuit on, while it is off. */
  | 'wasOff'
  /** Wires that are off or joined somewhere else: it is not the house as it stands. */
  | 'notAsItStands'
  | 'again';
/** What may hurt somebody, or burns something. */
export const DANGERS = [
  'flash',
  'ampsAcross',
  'ohmsOnLive',
  'workedLive',
  'notProved',
  'notSpread',
] as const satisfies readonly Slip[];
export const isDanger = (slip: Slip | null): boolean => DANGERS.some((one) => one === slip);

/** What an act came to. */
export type CameTo =
  | { readonly of: 'done' }
  /** It can’t be done here; nothing happened. */
  | { readonly of: 'refused' }
  | { readonly of: 'proof'; readonly isDead: boolean }
  | { readonly of: 'reading'; readonly reading: BenchReading }
  | { readonly of: 'answer'; readonly found: Found }
  | { readonly of: 'repair'; readonly works: boolean };

export interface BenchEvent {
  readonly act: BenchAct;
  readonly place: BenchPlace;
  readonly minutes: number;
  readonly came: CameTo;
  readonly slip: Slip | null;
  /** What the fault finder makes of it; null: nothing. */
  readonly told: { readonly test: string; readonly found: Found } | null;
}

/** How a round ended. */
export type Ending = 'works' | 'wasFine' | 'wasNotFine' | 'gaveUp';

/** How things stand at the bench. */
export interface BenchState {
  readonly place: BenchPlace;
  readonly minutes: number;
  /** What stands off with a tag at the board: nothing, the way of another circuit, its own. */
  readonly off: 'nothing' | 'another' | 'its';
  /** Somebody saw that what the label names is another circuit. */
  readonly labelIsKnown: boolean;
  /** Its mains were proved dead since it was switched off. */
  readonly isProved: boolean;
  /** The conductors behind its cover were spread while they were proved dead. */
  readonly isSpread: boolean;
  readonly wiring: Wiring;
  /** The house as it is by now, with what was repaired of it. */
  readonly faulty: Faulty;
  readonly events: readonly BenchEvent[];
  /** Repairs that changed nothing. */
  readonly inVain: number;
  readonly dangers: number;
  readonly ending: Ending | null;
}

/** Minutes of what is no test of the finder’s. */
export const MINUTES = { switch: 1, prove: 3, wire: 1, cover: 3, read: 1, fuse: 6, letBack: 1 } as const;

export const benchStart = ({ hidden, asked }: Round): BenchState => ({
  place: placeOf(asked.at) ?? 'hall',
  minutes: 0,
  off: 'nothing',
  labelIsKnown: false,
  isProved: false,
  isSpread: false,
  wiring: AS_IT_STANDS,
  faulty: hidden,
  events: [],
  inVain: 0,
  dangers: 0,
  ending: null,
});

/** Where a case begins, without live or dead. */
function placeOf(at: string | null): BenchPlace | null {
  const name = at?.split(',')[0];
  return BENCH_PLACES.find((one) => one === name) ?? null;
}

const done: CameTo = { of: 'done' };

/** Whether its circuit is on: the label may have named another one. */
const isItOn = ({ off }: BenchState): boolean => off !== 'its';
/** Of volts that are seen where none should be. */
const SEEN_VOLTS = 1;

/** Whether an answer says that the pair to the door does not touch, which Ω through it alone do not. */
const partsPair = ({ act, came }: BenchEvent, wiring: Wiring): boolean =>
  act.do === 'read' &&
  act.dial !== 'voltsAc' &&
  [act.red, act.black].every((one) => one === 'run2A' || one === 'run2B') &&
  wiring.leads === 'apart' &&
  came.of === 'reading' &&
  came.reading.text === 'OL';

interface Outcome {
  readonly minutes: number;
  readonly came: CameTo;
  readonly slip?: Slip | null;
  readonly told?: BenchEvent['told'];
  readonly then?: Partial<BenchState>;
}
/** It can’t be done here. */
const nothing: Outcome = { minutes: 0, came: { of: 'refused' } };

function looked(kind: BenchKind, { asked, seed }: Round, state: BenchState, test: string): Outcome {
  const known = kind.test(test);
  if (!known || !kind.looks.includes(test)) return nothing;
  const { place, needs, touches } = known;
  if (place !== null && place !== state.place) return nothing;
  if (needs === 'dead' && touches === 'mains' && !state.isProved) return { ...nothing, slip: 'notProved' };
  // What is behind its cover is seen with the cover off
  if (needs === 'dead' && kind.cover && state.wiring[kind.cover] === 'on') return nothing;
  const minutes = asked.tests.find((one) => one.kind === test)?.minutes ?? known.minutes;
  const whileOff = kind.whileOff(test);
  if (!isItOn(state) && whileOff !== undefined)
    return { minutes, came: { of: 'answer', found: { word: whileOff } }, slip: needs === 'any' ? null : 'wasOff' };
  if (!kind.isFreeOfWiring(test) && !standsBut(state.wiring)) {
    const word = whileOff ?? known.words[0] ?? '';
    return { minutes, came: { of: 'answer', found: { word } }, slip: 'notAsItStands' };
  }
  const found = kind.answer(state.faulty, test, seeded(mixed(seed, test)));
  return { minutes, came: { of: 'answer', found }, told: { test, found } };
}

/** Conductors behind a cover are mains: they are read live only after they were seen dead and spread. */
const isUnspread = (kind: BenchKind, state: BenchState, { red }: Probing): boolean =>
  kind.cover !== null && TERMINALS[red] === kind.provedAt && isItOn(state) && !state.isSpread;

function read(kind: BenchKind, round: Round, state: BenchState, act: Extract<BenchAct, { do: 'read' }>): Outcome {
  const { wiring, faulty, events } = state;
  const isBehindCover = kind.cover !== null && TERMINALS[act.red] === kind.provedAt && wiring[kind.cover] === 'on';
  if (!isProbing(act, state.place) || isBehindCover || !kind.terminals.includes(act.red)) return nothing;
  const last = events.at(-1)?.act;
  const isSamePlace = last?.do === 'read' && last.red === act.red && last.black === act.black;
  const isOn = isItOn(state);
  const random = seeded(mixed(round.seed, JSON.stringify([act, wiring, isOn, faulty.faults])));
  const reading = kind.read(act, { faulty, wiring, isOn }, random);
  const isHalf =
    reading.told?.test === 'loopToDoor' &&
    'value' in reading.told.found &&
    !events.some((one) => partsPair(one, AS_APART));
  const isOutlet = TERMINALS[act.red] === 'hall';
  return {
    minutes: (isSamePlace ? 0 : MINUTES.read) + (reading.blowsFuse ? MINUTES.fuse : 0),
    came: { of: 'reading', reading },
    slip: reading.slip ?? (isUnspread(kind, state, act) ? 'notSpread' : null),
    told: isHalf ? null : reading.told,
    then:
      state.off === 'another' && act.dial === 'voltsAc' && (reading.value ?? 0) > SEEN_VOLTS && !isOutlet
        ? { labelIsKnown: true }
        : {},
  };
}
const AS_APART: Wiring = { ...AS_IT_STANDS, leads: 'apart' };

function repaired(kind: BenchKind, round: Round, state: BenchState, fault: string): Outcome {
  const known = round.asked.faults.find((one) => one.kind === fault);
  const how = kind.repair(fault);
  if (!known || !how || (how.place !== null && how.place !== state.place)) return nothing;
  const asksDead = how.needs === 'dead';
  if (asksDead && how.touches === 'mains' && !state.isProved) return { ...nothing, slip: 'notProved' };
  const slip = asksDead && isItOn(state) && kind.hasLiveBell(state.faulty) ? 'workedLive' : null;
  const left = state.faulty.faults.filter((one) => one !== fault);
  const faulty = kind.without(state.faulty, [fault], seeded(mixed(round.seed, left.join('+'))));
  const isHit = faulty !== state.faulty;
  const works = isHit && !(faulty.faults.length > 0 && kind.shows(faulty));
  return {
    // All is put back and switched on to see whether it works
    minutes:
      known.repairMinutes +
      (standsBut(state.wiring) ? 0 : MINUTES.letBack) +
      (state.off === 'nothing' ? 0 : MINUTES.letBack),
    came: { of: 'repair', works },
    slip,
    then: {
      faulty,
      wiring: AS_IT_STANDS,
      off: 'nothing',
      isProved: false,
      isSpread: false,
      inVain: state.inVain + (isHit ? 0 : 1),
      ending: works ? 'works' : null,
    },
  };
}

function wired(kind: BenchKind, state: BenchState, part: WiringPart, to: string): Outcome {
  const { place, to: choices } = WIRING_PARTS[part];
  const choice = choices.find((one) => one === to);
  if (!kind.parts.includes(part) || (place !== null && place !== state.place)) return nothing;
  if (choice === undefined || choice === state.wiring[part]) return nothing;
  // A cover over mains comes off and goes on with its circuit off
  if (part === kind.cover && state.off === 'nothing') return { ...nothing, slip: 'notProved' };
  const isLive = part !== 'lamps' && isItOn(state) && kind.hasLiveBell(state.faulty);
  return {
    minutes: part === kind.cover ? MINUTES.cover : MINUTES.wire,
    came: done,
    slip: isLive ? 'workedLive' : null,
    then: { wiring: { ...state.wiring, [part]: choice }, ...(part === kind.cover ? { isSpread: false } : {}) },
  };
}

/** Its way can be switched off: it is on, or another one was taken for it. */
export const canSwitchOff = ({ place, off, labelIsKnown }: BenchState): boolean =>
  place === 'board' && (off === 'nothing' || (off === 'another' && labelIsKnown));
export const canSwitchOn = ({ place, off }: BenchState): boolean => place === 'board' && off !== 'nothing';
/** It can be proved dead: it is off, and what covers it is off too. */
export function canProve({ asked }: Round, { place, off, isProved, wiring }: BenchState): boolean {
  const { provedAt, cover } = benchKindOf(asked);
  return place === provedAt && off !== 'nothing' && !isProved && (cover === null || wiring[cover] !== 'on');
}

function outcomeOf(round: Round, state: BenchState, act: BenchAct): Outcome {
  const kind = benchKindOf(round.asked);
  switch (act.do) {
    case 'walk':
      return act.to === state.place || !kind.places.includes(act.to)
        ? nothing
        : { minutes: minutesBetween(kind.walks, state.place, act.to), came: done, then: { place: act.to } };
    case 'off':
      return canSwitchOff(state)
        ? {
            minutes: MINUTES.switch,
            came: done,
            then: { off: round.labelLies && !state.labelIsKnown ? 'another' : 'its', isProved: false },
          }
        : nothing;
    case 'on':
      return canSwitchOn(state)
        ? { minutes: MINUTES.switch, came: done, then: { off: 'nothing', isProved: false } }
        : nothing;
    case 'prove': {
      if (!canProve(round, state)) return nothing;
      const isDead = state.off === 'its';
      return {
        minutes: MINUTES.prove,
        came: { of: 'proof', isDead },
        then: isDead ? { isProved: true, isSpread: kind.cover !== null } : { labelIsKnown: true },
      };
    }
    case 'wire':
      return wired(kind, state, act.part, act.to);
    case 'read':
      return read(kind, round, state, act);
    case 'look':
      return looked(kind, round, state, act.test);
    case 'repair':
      return repaired(kind, round, state, act.fault);
    case 'allFine':
      return { minutes: 0, came: done, then: { ending: round.hidden.faults.length === 0 ? 'wasFine' : 'wasNotFine' } };
    case 'giveUp':
      return { minutes: 0, came: done, then: { ending: 'gaveUp' } };
  }
}

/** The bench after one more act. After the end nothing happens any more. */
export function played(round: Round, state: BenchState, act: BenchAct): BenchState {
  if (state.ending) return state;
  const { minutes, came, slip = null, told = null, then = {} } = outcomeOf(round, state, act);
  // What was read before a repair was read in another house
  const since = state.events.slice(1 + state.events.findLastIndex((one) => one.came.of === 'repair'));
  const before = told && since.some((one) => one.told?.test === told.test);
  const event: BenchEvent = {
    act,
    place: state.place,
    minutes,
    came,
    slip: slip ?? (before ? 'again' : null),
    told: before ? null : told,
  };
  return {
    ...state,
    ...then,
    minutes: state.minutes + minutes,
    dangers: state.dangers + (isDanger(event.slip) ? 1 : 0),
    events: [...state.events, event],
  };
}

/** The bench after some acts. */
export const playAll = (round: Round, acts: readonly BenchAct[]): BenchState =>
  acts.reduce((state, act) => played(round, state, act), benchStart(round));
