import {
  bandOf,
  expectationOf,
  housePrior,
  likelyHouses,
  middleOf,
  readingSigma,
  reportChance,
  type BellCase,
  type Evidence,
  type Houses,
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
  readonly mayBe: readonly string[];
}

/** From here on a reading is looked at again without itself, and named. */
const LOOK_AGAIN_SIGMAS = 1.5;
const NAMED_SIGMAS = 3;
/** A report less likely than this is named. */
const ODD_REPORT = 0.05;
const DRAWS = 500;
/** Width of a 5 to 95 % band in standard deviations. */
const BAND_SIGMAS = 3.29;

function figuresOf(bell: BellCase, houses: Houses, evidence: Evidence): Float64Array {
  const expected = expectationOf(bell, housePrior(bell).instruments, evidence);
  return Float64Array.from({ length: houses.count }, (_, i) => expected(houses, i));
}

/** How far a reading lies from what houses make of it, in its own standard deviations; signed. */
function offBy(bell: BellCase, houses: Houses, evidence: Evidence): number {
  const figures = figuresOf(bell, houses, evidence);
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
function causes(evidence: Evidence, partner: Evidence | undefined, low: boolean): readonly string[] {
  switch (evidence.what) {
    case 'mainsVolts':
      return ['the mains moved between the readings', 'the outlet is on another phase or far down a loaded circuit'];
    case 'loopOhms':
      return low
        ? ['the far end touched before the splice', 'the other run was read']
        : ['the far ends were not joined well', 'a corroded splice that the volts did not see'];
    case 'coilOhms':
      return low
        ? ['a lead was still on: the transformer lay beside the coil', 'a module lies across the coil']
        : ['a loose screw at the chime', 'the coil was read warm'];
    case 'report':
      return ['the device reports late or coarsely', 'it was in another state'];
    case 'volts': {
      const place =
        partner?.what === 'volts' && partner.at !== evidence.at
          ? ['one of the two was read at another place than written down']
          : [];
      switch (evidence.under.kind) {
        case 'open':
          return [
            ...place,
            low ? 'something was connected: a lit button or the device' : 'another pair of screws was read',
            'the mains moved between the readings',
            'the transformer is not as its nameplate says',
          ];
        case 'resistor':
          return [
            ...place,
            low ? 'the resistor is smaller than marked' : 'the resistor is larger than marked or did not touch',
            'the volts were read before they settled',
          ];
        case 'running':
          return [
            ...place,
            'the device was in another state, or charged its battery',
            'a meter that is not true-rms on a flattened wave',
            'the point is not wired as written down',
          ];
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
  const doubtful = evidence.filter((one) => Math.abs(offBy(bell, houses, one)) > LOOK_AGAIN_SIGMAS);
  const named = doubtful
    .map((one) => {
      const rest = { ...bell, evidence: evidence.filter((other) => other !== one) };
      const without = likelyHouses(rest, DRAWS);
      const off = offBy(rest, without, one);
      // Who pulls the other way: a partner that fits worst together with it
      const partners = rest.evidence
        .map((other) => ({ other, off: offBy(bell, houses, other) }))
        .filter((other) => Math.abs(other.off) > LOOK_AGAIN_SIGMAS)
        .sort((a, b) => Math.abs(b.off) - Math.abs(a.off));
      const band = one.what === 'report' ? null : bandOf(figuresOf(rest, without, one));
      return { one, off, partners: partners.map(({ other }) => other), expected: band };
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
