import { nearestAwg } from '@/core/circuit';
import type { RegionPack } from '@/core/region';
import { METRES_PER_FOOT, METRES_PER_INCH, gaugeText, lengthText, type Gauge, type LengthSystem } from '@/core/units';

/** What a sentence asks of the place and the language: its terms, its units and how figures are written. */
export interface Terms {
  /** What conductors and things are called here: hot or line, ground or earth, breaker or way. */
  readonly hot: string;
  readonly ground: string;
  readonly way: string;
  readonly ways: string;
  readonly board: string;
  readonly box: string;
  readonly outlet: string;
  /** The same with its article: “an outlet”, “a socket”. */
  readonly anOutlet: string;
  /** What a ground is brought with: a grounding conductor, an earth conductor. */
  readonly groundConductor: string;
  readonly connector: string;
  /** What trips on a leak: GFCI or RCD. */
  readonly residual: string;
  /** What trips on an arc: AFCI or AFDD. */
  readonly arcFault: string;
  /** As it is spelled at the site. */
  readonly colour: string;
  readonly grey: string;
  readonly labelled: string;
  readonly aluminium: string;
  readonly fibre: string;
  readonly neighbour: string;
  /** A figure with so many decimals, none unless told. */
  readonly number: (value: number, decimals?: number) => string;
  /** A figure with three significant digits at most. */
  readonly short: (value: number) => string;
  /** Volts with one decimal and their unit. */
  readonly volts: (value: number) => string;
  /** A share of one as per cent; “under 1 %” and “over 99 %” where rounding would claim none or all. */
  readonly percent: (share: number) => string;
  readonly hours: (value: number) => string;
  /** The length of a run, m. */
  readonly length: (metres: number) => string;
  /** A length of cable to bring, m: whole metres or feet, rounded up. */
  readonly bring: (metres: number) => string;
  /** A length that nobody holds a tape to, m: millimetres, or whole inches. */
  readonly about: (metres: number) => string;
  /** A length held to a tape, m. */
  readonly small: (metres: number) => string;
  readonly gauge: (gauge: Gauge) => string;
  /** The size of a conductor, mm², as it is sold here. */
  readonly wire: (mm2: number) => string;
  /** “3 ways”: the form that a count asks for, by the rules of the language. */
  readonly count: (value: number, forms: PluralForms) => string;
  /** “a, b and c”. */
  readonly list: (items: readonly string[]) => string;
  /** A day of the calendar, from ISO 8601. */
  readonly day: (iso: string) => string;
}

/** The forms of a noun by what a count asks for; `other` stands for those that a language does not tell apart. */
export type PluralForms = Partial<Record<Intl.LDMLPluralRule, string>> & { readonly other: string };

/** How figures are written in a language; everything of it by the platform. */
export interface Writing {
  /** A sum in a currency by its ISO 4217 code; the bare figure where none is said. */
  readonly money: (sum: number, currency: string) => string;
  readonly number: Terms['number'];
  readonly short: Terms['short'];
  readonly count: Terms['count'];
  readonly list: Terms['list'];
  readonly day: Terms['day'];
}

export function writingOf(locale: string): Writing {
  const formats = new Map<number, Intl.NumberFormat>();
  const plural = new Intl.PluralRules(locale);
  const and = new Intl.ListFormat(locale, { type: 'conjunction' });
  const days = new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' });
  const number = (value: number, decimals = 0): string => {
    let format = formats.get(decimals);
    if (!format) {
      // Instruments show no thousands apart, and no “-0.0”
      format = new Intl.NumberFormat(locale, {
        minimumFractionDigits: decimals,
        maximumFractionDigits: decimals,
        useGrouping: false,
        signDisplay: 'negative',
      });
      formats.set(decimals, format);
    }
    return format.format(value);
  };
  const brief = new Intl.NumberFormat(locale, { maximumSignificantDigits: 3, useGrouping: false });
  const money = (sum: number, currency: string): string =>
    currency === ''
      ? number(sum)
      : new Intl.NumberFormat(locale, {
          style: 'currency',
          currency,
          currencyDisplay: 'narrowSymbol',
          maximumFractionDigits: Number.isInteger(sum) ? 0 : 2,
        }).format(sum);
  return {
    money,
    number,
    short: (value) => brief.format(value),
    count: (value, forms) => `${number(value)} ${forms[plural.select(value)] ?? forms.other}`,
    list: (items) => and.format(items),
    // A day has no hour that another time zone could move it by
    day: (iso) => {
      const day = new Date(`${iso}T00:00:00Z`);
      return Number.isNaN(day.getTime()) ? iso : days.format(day);
    },
  };
}

/** What a language calls things in a region, and how it says shares and hours. */
export interface PlaceWords extends Pick<
  Terms,
  | 'hot'
  | 'ground'
  | 'way'
  | 'ways'
  | 'board'
  | 'box'
  | 'outlet'
  | 'anOutlet'
  | 'groundConductor'
  | 'connector'
  | 'residual'
  | 'arcFault'
  | 'colour'
  | 'grey'
  | 'labelled'
  | 'aluminium'
  | 'fibre'
  | 'neighbour'
> {
  readonly hours: (figure: string) => string;
  readonly under: (figure: string) => string;
  readonly over: (figure: string) => string;
}

/** How a place says things: its region, and the lengths that the site asked for. */
export interface Place {
  readonly region: RegionPack;
  readonly lengths: LengthSystem;
}

/** Terms of a place in a language. */
export function termsOf(
  words: PlaceWords,
  { number, short, count, list, day }: Writing,
  { lengths, region }: Place,
): Terms {
  const { hours, under, over, ...terms } = words;
  return {
    ...terms,
    number,
    short,
    count,
    list,
    day,
    volts: (value) => `${number(value, 1)} V`,
    percent: (share) => {
      const rounded = Math.round(share * 100);
      if (share > 0 && rounded === 0) return under('1 %');
      return share < 1 && rounded === 100 ? over('99 %') : `${rounded} %`;
    },
    hours: (value) => hours(number(value, 1)),
    length: (metres) => lengthText(metres, lengths),
    bring: (metres) =>
      lengths === 'metric' ? `${number(Math.ceil(metres))} m` : `${number(Math.ceil(metres / METRES_PER_FOOT))} ft`,
    about: (metres) =>
      lengths === 'metric' ? lengthText(metres, lengths, 'small') : `${number(metres / METRES_PER_INCH)} in`,
    small: (metres) => lengthText(metres, lengths, 'small'),
    gauge: gaugeText,
    wire: (mm2) =>
      region.gauge === 'awg' ? gaugeText({ awg: nearestAwg(mm2) }) : gaugeText({ mm2: Number(mm2.toFixed(2)) }),
  };
}
