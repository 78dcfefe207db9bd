import type { LastingState } from '@/core/catalogue';
import type { BellSayings, VerdictWord } from '@/core/bell';
import { capital } from '@/core/units';
import type { Sentences } from '../sentence';

export const VERDICTS: Readonly<Record<VerdictWord, string>> = {
  holds: 'Holds',
  tight: 'Tight',
  cannotTell: 'Can’t tell yet',
  fails: 'Fails',
  tooHigh: 'Too high',
  notComputed: 'Usual practice',
};

export const STATES: Readonly<Record<LastingState, string>> = {
  standby: 'standby',
  liveDay: 'live by day',
  liveNight: 'live at night',
  boot: 'boot and charge',
};

/** A lasting state at the worst of the swings, as a night or a day is spoken of. */
const WORST_AT: Readonly<Record<LastingState, string>> = {
  standby: 'at rest on low mains',
  liveDay: 'live by day on low mains',
  liveNight: 'on the coldest night',
  boot: 'starting up on low mains',
};

export const bell: Sentences<BellSayings> = {
  verdict: ({ verdict }) => VERDICTS[verdict],
  // bell/assess
  transformerLikelyV: ({ volts }) => `transformer likely ${volts} V`,
  vaLikely: ({ figure, figure2, figure3 }) => `${figure} to ${figure2} VA, likely ${figure3}`,
  toTheDoor: 'to the door',
  toTheChime: 'to the chime',
  run: ({ where, run, guessPercent }, t) => `run ${where} ${t.length(run)} ± ${guessPercent} %`,
  wire: ({ where, gauge }) => `wire ${where} ${gauge}`,
  chimeCoilJ: ({ ohms, reactanceOhms }) => `chime coil ${ohms} + j${reactanceOhms} Ω`,
  // bell/judge
  openRange: ({ mostVolts, leastVolts }, t) =>
    mostVolts !== null && leastVolts !== null
      ? `between ${t.volts(leastVolts)} and ${t.volts(mostVolts)}`
      : mostVolts !== null
        ? `at most ${t.volts(mostVolts)}`
        : `at least ${t.volts(leastVolts ?? 0)}`,
  onCondition: ({ reason, range, chance }, t) =>
    `${reason} On one condition: the new transformer, read with nothing on it, shows ${range} (likely so in ${t.percent(chance)} of cases).`,
  lowMains: ({ state }) => WORST_AT[state],
  doorKeepsBut: ({ at, name, belief }, t) =>
    `This door keeps ${t.volts(at)}, but ${name} on the same transformer works in only ${t.percent(belief)} of cases.`,
  fallsTo: ({ likely }, t) => `falls to ${t.volts(likely)}`,
  getsTooLittle: 'gets too little to run',
  doorKeepsButSame: ({ at, name, does, minVolts }, t) =>
    `This door keeps ${t.volts(at)}, but ${name} on the same transformer ${does}; it drops out under ${t.volts(minVolts)}.`,
  doorKeepsCharges: ({ at, ordinary, busy }, t) =>
    `The door keeps ${t.volts(at)} and charges the battery: ${t.hours(ordinary)} give back an ordinary day, ${t.hours(busy)} a busy one. Below 0 °C nothing is charged.`,
  doorKeepsButTrickle: ({ at, ordinary }, t) =>
    `The door keeps ${t.volts(at)}, but its trickle would take ${t.hours(ordinary)} to give back an ordinary day.`,
  doorWouldKeep: ({ when, at }, t) => `${capital(when)} the door keeps ${t.volts(at)} on paper`,
  devicesCapacitorCounted: ({ onPaper, belief }, t) =>
    `${onPaper}. With the device’s capacitor counted it lasts in ${t.percent(belief)} of cases.`,
  comesDown: ({ likelyCapVolts }, t) => `comes down to ${t.volts(likelyCapVolts)}`,
  runsEmpty: 'runs empty',
  butBetweenPulses: ({ onPaper, does, lockOutVolts }, t) =>
    `${onPaper}. Between pulses the device’s capacitor ${does}: it gives up under ${t.volts(lockOutVolts)}.`,
  highMainsDoor: ({ high, doorMaxVolts }, t) =>
    `On high mains the door may stand at ${t.volts(high)}; the device takes ${t.volts(doorMaxVolts)} at most. What is not known decides.`,
  doorKeepsButCases: ({ when, at, tooHighShare, doorMaxVolts }, t) =>
    `${capital(when)} the door keeps ${t.volts(at)}, but in ${t.percent(tooHighShare)} of cases it stands over ${t.volts(doorMaxVolts)} on high mains.`,
  highMainsDoorStands: ({ likely, doorMaxVolts }, t) =>
    `On high mains the door stands at ${t.volts(likely)}; the device takes ${t.volts(doorMaxVolts)} at most.`,
  doorKeepsDevice: ({ when, at, doorFullVolts }, t) =>
    `${capital(when)} the door keeps ${t.volts(at)}, ${t.volts(at - doorFullVolts)} more than the device wants.`,
  doorKeepsOver: ({ when, at, doorMinVolts, doorFullVolts }, t) =>
    `${capital(when)} the door keeps ${t.volts(at)}: over the ${t.volts(doorMinVolts)} it needs, under the ${t.volts(doorFullVolts)} it wants.`,
  doorKeepsButTransformer: ({ when, at }, t) =>
    `${capital(when)} the door keeps ${t.volts(at)}, but the transformer runs above its rated current.`,
  doorKeepsButCasesDrops: ({ when, at, belief, doorMinVolts }, t) =>
    `${capital(when)} the door keeps ${t.volts(at)}, but in ${t.percent(belief)} of cases it drops under ${t.volts(doorMinVolts)}.`,
  doorFallsDevice: ({ when, at, doorMinVolts }, t) =>
    `${capital(when)} the door falls to ${t.volts(at)}; the device drops out under ${t.volts(doorMinVolts)}.`,
  supplyCollapsesCant: ({ when, governing }) =>
    `${capital(when)} the supply collapses: it can’t feed the ${governing} W at any voltage.`,
  doorLikelyDevice: ({ when, at, doorMinVolts }, t) =>
    `${capital(when)} the door is likely at ${t.volts(at)}; the device drops out under ${t.volts(doorMinVolts)}. What is not known decides.`,
  supplyLikelyCollapses: ({ when, doorMinVolts }, t) =>
    `${capital(when)} the supply likely collapses; the device needs ${t.volts(doorMinVolts)}. What is not known decides.`,
  electronicChimeSeriesCant:
    'Practice decides beside an electronic chime in the loop: press, and listen whether it plays to the end.',
};
