import { said, type Text } from '../said';
import {
  bandOf,
  likelyHouses,
  middleOf,
  readingSigma,
  reportChance,
  shownFigures,
  type BellCase,
  type Evidence,
  type Houses,
  type ShownFigures,
} from '../bell';

/** Readings that can hardly be true together. */
export interface Contradiction {
  /** Ids, the one that fits worst first. */
  readonly readings: readonly string[];
  /** How far the first lies from what all others make of it, in standard deviations. */
  readonly sigmas: number;
  /** What the others would have it read; null for a device's report. */
  readonly expected: { readonly low: number; readonly likely: number; readonly high: number } | null;
  /** What could explain it, likeliest first. */
  readonly mayBe: readonly Text[];
}

/** From here on a reading is looked at again without itself, and named. */
const LOOK_AGAIN_SIGMAS = 1.5;
const NAMED_SIGMAS = 3;
/** So many of the worst are looked at again: a dozen that fit nothing are not mended one by one. */
const MOST_LOOKED_AT = 12;
/** A report less likely than this is named. */
const ODD_REPORT = 0.05;
const DRAWS = 500;
/** Width of a 5 to 95 % band in standard deviations. */
const BAND_SIGMAS = 3.29;

/** How far a reading lies from what houses make of it, in its own standard deviations; signed. */
function offBy(bell: BellCase, shown: ShownFigures, evidence: Evidence): number {
  const figures = shown(evidence);
  if (figures.some(Number.isNaN)) return 0;
  if (evidence.what === 'report') {
    const chance = figures.reduce((sum, volts) => sum + reportChance(bell, volts, evidence.report), 0) / figures.length;
    return chance < ODD_REPORT ? NAMED_SIGMAS : 0;
  }
  const band = bandOf(figures);
  const read = middleOf(evidence.value);
  const sigma = readingSigma(evidence, band.likely, evidence.value.high - evidence.value.low);
  return (read - band.likely) / Math.hypot(sigma, (band.high - band.low) / BAND_SIGMAS);
}

/** What could be behind a reading that fits no other. */
function causes(evidence: Evidence, partner: Evidence | undefined, low: boolean): readonly Text[] {
  switch (evidence.what) {
    case 'mainsVolts':
      return [said('mainsMovedBetween'), said('outletAnotherPhase')];
    case 'loopOhms':
      return low ? [said('farEndTouched'), said('otherRunRead')] : [said('farEndsWere'), said('corrodedSpliceVolts')];
    case 'coilOhms':
      return low
        ? [said('leadStillTransformer'), said('moduleLiesAcross')]
        : [said('looseScrewChime'), said('coilReadWarm')];
    case 'report':
      return [said('deviceReportsLate'), said('anotherState')];
    case 'volts': {
      const place = partner?.what === 'volts' && partner.at !== evidence.at ? [said('oneTwoRead')] : [];
      switch (evidence.under.kind) {
        case 'open':
          return [
            ...place,
            low ? said('somethingConnectedLit') : said('anotherPairScrews'),
            said('mainsMovedBetween'),
            said('transformerNotNameplate'),
          ];
        case 'resistor':
          return [...place, low ? said('resistorSmallerMarked') : said('resistorLargerMarked'), said('voltsWereRead')];
        case 'running':
          return [...place, said('deviceAnotherState'), said('meterNotTrue'), said('pointNotWired')];
      }
    }
  }
}

/**
 * Names readings that contradict the others: each that fits badly is left out in turn, the rest is explained without it,
 * and its distance from that is the size of the contradiction.
 */
export function contradictionsOf(bell: BellCase, houses: Houses): readonly Contradiction[] {
  const { evidence } = bell;
  if (evidence.length < 2) return [];
  const asAll = shownFigures(bell, houses);
  const doubtful = evidence
    .map((one) => ({ one, off: offBy(bell, asAll, one) }))
    .filter(({ off }) => Math.abs(off) > LOOK_AGAIN_SIGMAS)
    .sort((a, b) => Math.abs(b.off) - Math.abs(a.off));
  const named = doubtful
    .slice(0, MOST_LOOKED_AT)
    .map(({ one }) => {
      const rest = { ...bell, evidence: evidence.filter((other) => other !== one) };
      const without = likelyHouses(rest, DRAWS);
      const asRest = shownFigures(rest, without);
      const off = offBy(rest, asRest, one);
      // Who pulls the other way: a partner that fits worst together with it
      const partners = doubtful.flatMap((other) => (other.one === one ? [] : [other.one]));
      const band = one.what === 'report' ? null : bandOf(asRest(one));
      return { one, off, partners, expected: band };
    })
    .filter(({ off }) => Math.abs(off) >= NAMED_SIGMAS)
    .sort((a, b) => Math.abs(b.off) - Math.abs(a.off));
  const told = new Set<string>();
  return named.flatMap(({ one, off, partners, expected }) => {
    if (told.has(one.id)) return [];
    const others = partners.length > 0 ? partners.slice(0, 2) : evidence.filter((other) => other !== one).slice(-1);
    for (const { id } of [one, ...others]) told.add(id);
    return [
      {
        readings: [one.id, ...others.map(({ id }) => id)],
        sigmas: Math.abs(off),
        expected,
        mayBe: causes(one, others[0], off < 0),
      },
    ];
  });
}
