import { said, type Text } from '../said';
import { isAwg } from '../circuit';
import { parsed, refused, type Gauge, type Parsed } from '../units';
import type { WireColour } from '../wiring';

/** One conductor of a usual cable. */
export interface SetConductor {
  readonly gauge: Gauge;
  readonly strands: 'solid' | 'stranded';
  readonly colour: WireColour;
}

export type ColourEra = 'now' | 'old';

/** Cores of cables that are named by gauge and count: the ground comes extra. */
const AWG_CORES: Readonly<Record<number, readonly WireColour[]>> = {
  2: ['black', 'white'],
  3: ['black', 'red', 'white'],
  4: ['black', 'red', 'blue', 'white'],
};
const MM2_CORES: Readonly<Record<ColourEra, Readonly<Record<number, readonly WireColour[]>>>> = {
  now: { 2: ['brown', 'blue'], 3: ['brown', 'black', 'grey'] },
  old: { 2: ['red', 'black'], 3: ['red', 'yellow', 'blue'] },
};
/** The bare earth of a flat cable is thinner than its cores from 1.5 mm² on (BS 6004). */
const FLAT_EARTH_MM2: Readonly<Record<string, number>> = { '1': 1, '1.5': 1, '2.5': 1.5, '4': 1.5, '6': 2.5 };

const AWG_SET = /^(\d{1,2})\s*[/-]\s*([234])(?:\s*(?:awg|nm)?)?(\s*(?:with|w\/|wg|\+|and)?\s*(?:ground|g|gnd))?$/;
const FLAT_SET =
  /^(\d+(?:[.,]\d+)?)\s*(?:mm2|mm²|mm)?\s*(twin|2[ -]?core|two[ -]?core|three[ -]?core|3[ -]?core)(?:\s*(?:and|&|\+)\s*(earth|e|ground))?$/;
const FLEX_SET = /^(\d+(?:[.,]\d+)?)\s*(?:mm2|mm²|mm)?\s*(2|3|two|three)[ -]?core\s*flex$/;

const example = said('usualCables');
const notOne = <T>(typed: string): Parsed<T> =>
  refused({ code: 'contradicts', words: said('noUsualCable', { typed: typed.slice(0, 40), example }) });

/**
 * Conductors of a usual cable from its short name: `14/2 with ground`, `12-3`, `1.5 twin and earth`, `1 three core and
 * earth`, `0.75 3 core flex`. Colours are those of the era: claims, to be tested like any other.
 */
export function cableSet(typed: string, era: ColourEra): Parsed<readonly SetConductor[]> {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
  const awg = AWG_SET.exec(text);
  if (awg) {
    const size = Number(awg[1]);
    const cores = AWG_CORES[Number(awg[2])];
    // Cables in houses begin at 14 and end at 6; thin ones are bell wire
    if (!cores || !isAwg(size) || size > 18 || size < 6 || size % 2 === 1) return notOne(typed);
    const gauge = { awg: size };
    const ground: readonly SetConductor[] = awg[3] ? [{ gauge, strands: 'solid', colour: 'bare' }] : [];
    return parsed([...cores.map((colour) => ({ gauge, strands: 'solid' as const, colour })), ...ground]);
  }
  const flex = FLEX_SET.exec(text);
  if (flex) return flexSet(mm2Of(flex[1]), flex[2] === '3' || flex[2] === 'three', typed);
  const flat = FLAT_SET.exec(text);
  if (flat) {
    const mm2 = mm2Of(flat[1]);
    const cores = MM2_CORES[era][/3|three/.test(flat[2] ?? '') ? 3 : 2];
    const earth = FLAT_EARTH_MM2[String(mm2)];
    if (!cores || earth === undefined) return notOne(typed);
    const ground: readonly SetConductor[] = flat[3]
      ? [{ gauge: { mm2: earth }, strands: 'solid', colour: 'bare' }]
      : [];
    return parsed([...cores.map((colour) => ({ gauge: { mm2 }, strands: 'solid' as const, colour })), ...ground]);
  }
  return notOne(typed);
}

const mm2Of = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));

function flexSet(mm2: number, grounded: boolean, typed: string): Parsed<readonly SetConductor[]> {
  if (!(mm2 >= 0.5 && mm2 <= 4)) return notOne(typed);
  const colours: readonly WireColour[] = grounded ? ['brown', 'blue', 'greenYellow'] : ['brown', 'blue'];
  return parsed(colours.map((colour) => ({ gauge: { mm2 }, strands: 'stranded', colour })));
}

/** Names that are offered to a thumb. */
export const USUAL_CABLES: Readonly<Record<'awg' | 'mm2', readonly Text[]>> = {
  awg: [said('cable142'), said('cable143'), said('cable122'), said('cable123'), '14/2'],
  mm2: [said('twin15'), said('twin1'), said('twin25'), said('threeCore1'), said('flex3Core')],
};
