/** The facts of a house that are fixed but not known. Volts at nominal mains, windings cold, runs at 20 °C. */
export interface House {
  readonly openVolts: number;
  readonly sourceOhms: number;
  /** Without its splices, with the pairs joined as found. */
  readonly toChimeOhms: number;
  readonly toDoorOhms: number;
  readonly toChimeSpliceOhms: number;
  readonly toDoorSpliceOhms: number;
  readonly coilOhms: number;
  readonly coilReactanceOhms: number;
  /** Factor on the device's watts. */
  readonly watts: number;
  /** Mains on the day of the readings, and on a later day, over nominal. */
  readonly mains: number;
  readonly mainsLater: number;
  /** Warmth of the loaded winding while the device ran, over cold. */
  readonly winding: number;
  readonly toChimeCelsius: number;
  readonly toDoorCelsius: number;
  /** Deviation of a new transformer's regulation, in σ. */
  readonly newRegulation: number;
}

const FACTS = [
  'openVolts',
  'sourceOhms',
  'toChimeOhms',
  'toDoorOhms',
  'toChimeSpliceOhms',
  'toDoorSpliceOhms',
  'coilOhms',
  'coilReactanceOhms',
  'watts',
  'mains',
  'mainsLater',
  'winding',
  'toChimeCelsius',
  'toDoorCelsius',
  'newRegulation',
] as const satisfies readonly (keyof House)[];

/** Possible houses, each as likely as the next, a column for each fact: several times as fast as a list of objects. */
export interface Houses extends Readonly<Record<keyof House, Float64Array>> {
  readonly count: number;
  /** What each instrument of the readings shows over what is there. */
  readonly gains: readonly Float64Array[];
  /** All columns one after the other: the ones above are windows into it. */
  readonly columns: Float64Array;
}

/** Room for so many houses. */
export function emptyHouses(count: number, instruments: number): Houses {
  const columns = new Float64Array(count * (FACTS.length + instruments));
  const column = (at: number): Float64Array => columns.subarray(at * count, (at + 1) * count);
  const fact = (name: keyof House): Float64Array => column(FACTS.indexOf(name));
  return {
    count,
    columns,
    openVolts: fact('openVolts'),
    sourceOhms: fact('sourceOhms'),
    toChimeOhms: fact('toChimeOhms'),
    toDoorOhms: fact('toDoorOhms'),
    toChimeSpliceOhms: fact('toChimeSpliceOhms'),
    toDoorSpliceOhms: fact('toDoorSpliceOhms'),
    coilOhms: fact('coilOhms'),
    coilReactanceOhms: fact('coilReactanceOhms'),
    watts: fact('watts'),
    mains: fact('mains'),
    mainsLater: fact('mainsLater'),
    winding: fact('winding'),
    toChimeCelsius: fact('toChimeCelsius'),
    toDoorCelsius: fact('toDoorCelsius'),
    newRegulation: fact('newRegulation'),
    gains: Array.from({ length: instruments }, (_, g) => column(FACTS.length + g)),
  };
}

/** Copies one house into a place of another table (or of the same). */
export function copyHouse(from: Houses, i: number, to: Houses, k: number): void {
  const source = from.columns;
  const target = to.columns;
  for (let a = i, b = k; a < source.length; a += from.count, b += to.count) target[b] = source[a] ?? 0;
}

/** One house of the table. */
export function houseAt(houses: Houses, i: number): House {
  return {
    openVolts: houses.openVolts[i] ?? NaN,
    sourceOhms: houses.sourceOhms[i] ?? NaN,
    toChimeOhms: houses.toChimeOhms[i] ?? NaN,
    toDoorOhms: houses.toDoorOhms[i] ?? NaN,
    toChimeSpliceOhms: houses.toChimeSpliceOhms[i] ?? NaN,
    toDoorSpliceOhms: houses.toDoorSpliceOhms[i] ?? NaN,
    coilOhms: houses.coilOhms[i] ?? NaN,
    coilReactanceOhms: houses.coilReactanceOhms[i] ?? NaN,
    watts: houses.watts[i] ?? NaN,
    mains: houses.mains[i] ?? NaN,
    mainsLater: houses.mainsLater[i] ?? NaN,
    winding: houses.winding[i] ?? NaN,
    toChimeCelsius: houses.toChimeCelsius[i] ?? NaN,
    toDoorCelsius: houses.toDoorCelsius[i] ?? NaN,
    newRegulation: houses.newRegulation[i] ?? NaN,
  };
}

/** A figure of every house. */
export function overHouses(houses: Houses, figure: (house: House) => number): Float64Array {
  const out = new Float64Array(houses.count);
  for (let i = 0; i < houses.count; i++) out[i] = figure(houseAt(houses, i));
  return out;
}
