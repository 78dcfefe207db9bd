import type { LastingState } from '@/core/catalogue';
import type { VerdictWord } from '@/core/bell';
import type { Sayings } from '@/core/said';
import type { Sentences } from '../sentence';

const VERDICTS: Readonly<Record<VerdictWord, string>> = {
  holds: 'Hält',
  tight: 'Knapp',
  cannotTell: 'Noch offen',
  fails: 'Hält nicht',
  tooHigh: 'Zu hoch',
  notComputed: 'Nicht berechnet',
};

const AT_WORST: Readonly<Record<LastingState, string>> = {
  standby: 'in Ruhe bei tiefer Netzspannung',
  liveDay: 'bei Tag mit Bild',
  liveNight: 'in der kältesten Nacht',
  boot: 'beim Hochfahren',
};

const CONDUCTORS = { one: 'Leiter', other: 'Leiter' };
const HOLES = { one: 'Bohrung', other: 'Bohrungen' };
const STEPS = { one: 'Schritt', other: 'Schritte' };
const CHECKS = { one: 'Prüfung', other: 'Prüfungen' };

/** What the sample says; the rest is English. */
export const sentences: Partial<Sentences<Sayings>> = {
  verdict: ({ verdict }) => VERDICTS[verdict],
  lowMains: ({ state }) => AT_WORST[state],
  doorKeepsDevice: ({ when, at, doorFullVolts }, t) =>
    `Die Tür behält ${when} ${t.volts(at)}, ${t.volts(at - doorFullVolts)} mehr als verlangt.`,
  doorFallsDevice: ({ when, at, doorMinVolts }, t) =>
    `Die Tür fällt ${when} auf ${t.volts(at)}; unter ${t.volts(doorMinVolts)} schaltet das Gerät ab.`,
  holdsSpare: ({ state, marginVolts }, t) => `Hält ${state}, ${t.volts(marginVolts)} Reserve.`,
  nothingCheaper: ({ own }) => `${own} Nichts ist günstiger.`,
  nothingTyped: 'Noch nichts eingetippt.',
  notAFigure: ({ typed }) => `„${typed}“ ist keine Zahl.`,
  belowZero: 'Unter null geht nicht.',
  rangeTurned: 'Die erste Zahl eines Bereichs ist die kleinere.',
  overMost: ({ most, unit }, t) => `Mehr als ${t.short(most)} ${unit} ist hier nicht möglich.`,
  underLeast: ({ least, unit }, t) => `Weniger als ${t.short(least)} ${unit} ist hier nicht möglich.`,
  conductorsNotTested: ({ conductors }, t) => `${t.count(conductors, CONDUCTORS)} nicht fertig geprüft`,
  holesAngledDown: ({ holes }, t) => `${t.count(holes, HOLES)}, nach außen geneigt.`,
  stepsDone: ({ steps }, t) => t.count(steps, STEPS),
  checksGiven: ({ given }, t) => t.count(given, CHECKS),
  openCount: ({ open }) => `${open} offen`,
  up: ({ metres }, t) => `${t.small(metres)} hoch`,
  tagTellHouse: ({ name }) => `${name} sperren, dem Haus Bescheid geben`,
  switchOffTag: ({ name }) => `${name} ausschalten und sperren`,
  proveDeadBellWires: ({ name }) => `An den Klingeldrähten prüfen, dass ${name} tot ist`,
  proveDeadConductors: ({ name }) => `An seinen Leitern prüfen, dass ${name} tot ist`,
  nothingLeftDo: 'Hier ist nichts mehr zu tun',
  nobodyHouseShould: 'Niemand im Haus soll sie einschalten.',
  pickWay: 'Einen Weg wählen',
  getsNo: ({ part, lacks }) => `${part}: kein ${lacks.join(' und kein ')}.`,
  carries: ({ carries }, t) =>
    ({ bell: 'Klingeldraht', hot: t.hot, neutral: 'Neutralleiter', ground: t.ground, unknown: 'ungeprüft' })[carries],
  yesOrNo: ({ yes }) => (yes ? 'ja' : 'nein'),
  theOutlet: (_, t) => t.outlet,
  notKnownYet: 'Wie sie gespeist wird, ist noch offen.',
  roomNeeded: ({ boxIn3, requiredIn3, fits }, t) =>
    `Platz ${t.number(boxIn3, 1)} in³, nötig ${t.number(requiredIn3, 2)} in³${fits ? '' : ': überfüllt'}.`,
};
