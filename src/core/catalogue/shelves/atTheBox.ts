// Over 300 lines: a table of data, four shelves of what is met at a box.
import { BOX_ITEM_KINDS, SCREW_THREADS } from '../boxItem';
import { CONNECTOR_KINDS } from '../connector';
import { PROJECTIONS } from '../../view';
import { AIM_ORDERS, COLLARS, MADE_FORS, UP_MARKS } from '../fixture';
import type { Column, Values } from '../column';
import { COST, MINUTES, NAMED, REMARK, figureOf, listOf, nothingDisagrees, type Shelf } from '../shelf';

const INCH_M = 0.0254;
const REGIONS: Column = { name: 'regions', words: 'regions', type: 'list', most: 2, of: ['na-120', 'gb-230'] };
const figure = (
  name: string,
  words: string,
  unit: string,
  least: number,
  most: number,
  more: { readonly main?: true } = {},
): Column => ({ name, words, type: 'figure', unit, least, most, ...more });
/** What a sheet may leave open. */
const open = (name: string, words: string, unit: string, least: number, most: number): Column => ({
  ...figure(name, words, unit, least, most),
  optional: true,
});
const choice = (
  name: string,
  words: string,
  of: readonly string[],
  more: { readonly main?: true; readonly optional?: true } = {},
): Column => ({
  name,
  words,
  type: 'choice',
  of,
  ...more,
});
const wrongWay = (values: Values, low: string, high: string): readonly { column: string; message: string }[] =>
  figureOf(values, low) > figureOf(values, high) ? [{ column: low, message: 'is more than the most' }] : [];
/** No lens that keeps lines straight sees half a circle. */
const tooWideForLines = (values: Values): readonly { column: string; message: string }[] =>
  values.projection !== 'equidistant' && figureOf(values, 'hfovDeg') >= 180
    ? [{ column: 'hfovDeg', message: 'is too wide for straight lines: 180° or more is equidistant' }]
    : [];
const namesNoRegion = (values: Values): readonly { column: string; message: string }[] =>
  listOf(values, 'regions').length === 0 ? [{ column: 'regions', message: 'names no region' }] : [];

/** Floodlight cameras. */
export const fixtures: Shelf = {
  words: 'Floodlight cameras',
  one: 'floodlight camera',
  columns: [
    ...NAMED,
    figure('voltsLow', 'mains from', 'V', 12, 400, { main: true }),
    figure('voltsHigh', 'mains to', 'V', 12, 400, { main: true }),
    figure('leadMm2', 'leads', 'mm²', 0.2, 10, { main: true }),
    choice('leadStrands', 'leads are', ['stranded', 'solid']),
    choice('grounded', 'ground lead', ['yes', 'no']),
    figure('cameraVa', 'camera', 'VA', 0, 500, { main: true }),
    figure('lampVa', 'lamps', 'VA', 0, 2000, { main: true }),
    choice('canopy', 'canopy', ['flat', 'domed']),
    choice('upMark', 'mark on the plate', UP_MARKS),
    choice('madeFor', 'made for', MADE_FORS, { main: true }),
    figure('headDownDeg', 'head turns down to', '°', 0, 180),
    figure('headUpDeg', 'head turns up to', '°', 0, 180),
    figure('sensorDownDeg', 'sensor turns to', '°', 0, 180),
    figure('plateM', 'plate', 'm', 0, 0.05),
    figure('gasketM', 'gasket', 'm', 0, 0.05),
    figure('weightKg', 'weight', 'kg', 0.1, 30),
    choice('projection', 'picture', PROJECTIONS, { optional: true }),
    open('hfovDeg', 'sees across', '°', 10, 360),
    open('widthPx', 'picture width', 'px', 320, 16_000),
    open('heightPx', 'picture height', 'px', 240, 16_000),
    open('panDeg', 'head turns to either side', '°', 0, 180),
    open('sensorReachM', 'sensor reaches', 'm', 1, 40),
    open('sensorHeightM', 'from a height of', 'm', 1, 8),
    open('sensorLobeDeg', 'sensor across', '°', 10, 360),
    open('lamps', 'lamps', '', 0, 6),
    open('lampLm', 'each lamp', 'lm', 0, 20_000),
    open('lampBeamDeg', 'beam of a lamp', '°', 5, 175),
    choice('collars', 'joints lock', COLLARS, { optional: true }),
    choice('aimOrder', 'is set', AIM_ORDERS, { optional: true }),
    { name: 'plugLeadM', words: 'lead with a plug', type: 'figure', unit: 'm', least: 0, most: 20, optional: true },
    { name: 'bagConnector', words: 'connector in its bag', type: 'text', most: 64, optional: true },
    MINUTES,
    COST,
    { name: 'inBag', words: 'in its bag', type: 'list', most: 20, optional: true },
    REMARK,
  ],
  shipped: [
    {
      id: 'twin-wall',
      name: 'Twin-lamp wall floodlight camera',
      voltsLow: 100,
      voltsHigh: 240,
      leadMm2: 0.823,
      leadStrands: 'stranded',
      grounded: 'yes',
      cameraVa: 9,
      lampVa: 44,
      canopy: 'flat',
      upMark: 'arrowUp',
      madeFor: 'wall',
      headDownDeg: 60,
      headUpDeg: 10,
      sensorDownDeg: 45,
      projection: 'rectilinear',
      hfovDeg: 105,
      widthPx: 2560,
      heightPx: 1440,
      panDeg: 90,
      sensorReachM: 9,
      sensorHeightM: 2.9,
      sensorLobeDeg: 180,
      lamps: 2,
      lampLm: 1000,
      lampBeamDeg: 90,
      collars: 'turnAndTilt',
      aimOrder: 'turnFirst',
      plateM: 0.0025,
      gasketM: 0.004,
      weightKg: 1.6,
      bagConnector: 'twist-bag',
      minutes: 25,
      cost: 210,
      inBag: ['mounting plate', 'cross-bar', 'gasket', '3 twist-on connectors', 'hanging hook', 'cap nuts'],
    },
    {
      id: 'twin-eave',
      name: 'Wall-or-eave floodlight camera',
      voltsLow: 100,
      voltsHigh: 240,
      leadMm2: 0.823,
      leadStrands: 'stranded',
      grounded: 'yes',
      cameraVa: 8,
      lampVa: 36,
      canopy: 'domed',
      upMark: 'openingUp',
      madeFor: 'both',
      headDownDeg: 95,
      headUpDeg: 15,
      sensorDownDeg: 95,
      projection: 'equidistant',
      hfovDeg: 130,
      widthPx: 2560,
      heightPx: 1440,
      panDeg: 120,
      sensorReachM: 8,
      sensorHeightM: 2.7,
      sensorLobeDeg: 160,
      lamps: 2,
      lampLm: 800,
      lampBeamDeg: 100,
      collars: 'turnAndTilt',
      aimOrder: 'tiltFirst',
      plateM: 0.002,
      gasketM: 0.003,
      weightKg: 1.3,
      bagConnector: 'twist-bag',
      minutes: 25,
      cost: 240,
      inBag: ['domed canopy', 'cross-bar', 'gasket', '3 twist-on connectors', 'hanging hook'],
    },
    {
      id: 'single-class-two',
      name: 'Single-lamp floodlight camera, class II',
      voltsLow: 100,
      voltsHigh: 240,
      leadMm2: 1,
      leadStrands: 'stranded',
      grounded: 'no',
      cameraVa: 7,
      lampVa: 24,
      canopy: 'flat',
      upMark: 'arrowDown',
      madeFor: 'wall',
      headDownDeg: 70,
      headUpDeg: 5,
      sensorDownDeg: 60,
      projection: 'rectilinear',
      hfovDeg: 95,
      widthPx: 1920,
      heightPx: 1080,
      panDeg: 60,
      sensorReachM: 7,
      sensorHeightM: 2.5,
      sensorLobeDeg: 120,
      lamps: 1,
      lampLm: 1200,
      lampBeamDeg: 110,
      collars: 'tilt',
      aimOrder: 'turnFirst',
      plateM: 0.003,
      gasketM: 0.003,
      weightKg: 0.9,
      bagConnector: 'lever-3',
      minutes: 22,
      cost: 160,
      inBag: ['mounting plate', 'gasket', '2 lever connectors'],
      remark: 'Double insulated: two leads and no third.',
    },
    {
      id: 'plug-single',
      name: 'Floodlight camera with a plug',
      voltsLow: 100,
      voltsHigh: 240,
      leadMm2: 0.823,
      leadStrands: 'stranded',
      grounded: 'yes',
      cameraVa: 7,
      lampVa: 26,
      canopy: 'flat',
      upMark: 'arrowUp',
      madeFor: 'both',
      headDownDeg: 85,
      headUpDeg: 10,
      sensorDownDeg: 85,
      collars: 'none',
      aimOrder: 'turnFirst',
      plateM: 0.003,
      gasketM: 0.003,
      weightKg: 1.1,
      plugLeadM: 2.5,
      minutes: 30,
      cost: 180,
      inBag: ['mounting plate', '4 cable clips', 'gasket'],
    },
  ],
  disagreements: (values) => [...wrongWay(values, 'voltsLow', 'voltsHigh'), ...tooWideForLines(values)],
};

/** Connectors for splices. */
export const connectors: Shelf = {
  words: 'Connectors',
  one: 'connector',
  columns: [
    ...NAMED,
    choice('kind', 'kind', CONNECTOR_KINDS, { main: true }),
    figure('leastMm2', 'from', 'mm²', 0.05, 100, { main: true }),
    figure('mostMm2', 'to', 'mm²', 0.05, 100, { main: true }),
    figure('leastCount', 'at least', '', 1, 20),
    figure('mostCount', 'at most', '', 2, 20, { main: true }),
    choice('takes', 'takes', ['any', 'solid']),
    figure('stripM', 'strip', 'm', 0.003, 0.05),
    figure('volumeCm3', 'volume', 'cm³', 0.1, 100),
    COST,
    REMARK,
  ],
  shipped: [
    twistOn('twist-bag', 'Twist-on from the bag', { least: 0.6, most: 3, count: 3, stripM: 0.009, cm3: 0.9, cost: 0 }),
    twistOn('twist-s', 'Twist-on, small', { least: 0.8, most: 4.3, count: 3, stripM: 0.01, cm3: 1.2, cost: 0.2 }),
    twistOn('twist-m', 'Twist-on, medium', { least: 2.8, most: 9.2, count: 5, stripM: 0.012, cm3: 2.4, cost: 0.3 }),
    twistOn('twist-l', 'Twist-on, large', { least: 6, most: 19, count: 6, stripM: 0.014, cm3: 4.4, cost: 0.5 }),
    withPorts('lever-2', 'Lever connector, 2 ports', 'lever', { ports: 2, most: 4, cm3: 1.3, cost: 0.4 }),
    withPorts('lever-3', 'Lever connector, 3 ports', 'lever', { ports: 3, most: 4, cm3: 1.9, cost: 0.5 }),
    withPorts('lever-5', 'Lever connector, 5 ports', 'lever', { ports: 5, most: 4, cm3: 3.1, cost: 0.8 }),
    withPorts('push-3', 'Push-in connector, 3 ports', 'pushIn', { ports: 3, most: 2.5, cm3: 0.8, cost: 0.2 }),
  ],
  disagreements: (values) => [
    ...wrongWay(values, 'leastMm2', 'mostMm2'),
    ...wrongWay(values, 'leastCount', 'mostCount'),
  ],
};

interface TwistOn {
  readonly least: number;
  readonly most: number;
  readonly count: number;
  readonly stripM: number;
  readonly cm3: number;
  readonly cost: number;
}

function twistOn(id: string, name: string, { least, most, count, stripM, cm3, cost }: TwistOn): Values {
  return {
    id,
    name,
    kind: 'twistOn',
    leastMm2: least,
    mostMm2: most,
    leastCount: 2,
    mostCount: count,
    takes: 'any',
    stripM,
    volumeCm3: cm3,
    cost,
  };
}

interface WithPorts {
  readonly ports: number;
  readonly most: number;
  readonly cm3: number;
  readonly cost: number;
}

function withPorts(id: string, name: string, kind: string, { ports, most, cm3, cost }: WithPorts): Values {
  return {
    id,
    name,
    kind,
    leastMm2: kind === 'lever' ? 0.2 : 0.5,
    mostMm2: most,
    leastCount: 2,
    mostCount: ports,
    takes: kind === 'lever' ? 'any' : 'solid',
    stripM: 0.011,
    volumeCm3: cm3,
    cost,
  };
}

/** Rings and boxes that give more room. */
export const boxes: Shelf = {
  words: 'Boxes and rings',
  one: 'box or ring',
  columns: [
    ...NAMED,
    choice('kind', 'kind', BOX_ITEM_KINDS, { main: true }),
    choice('shape', 'shape', ['round', 'square', 'device', 'any'], { main: true }),
    figure('volumeIn3', 'volume', 'in³', 0.5, 500, { main: true }),
    figure('depthM', 'comes out by', 'm', 0, 0.3),
    choice('gasketed', 'gasketed for wet places', ['yes', 'no'], { optional: true }),
    MINUTES,
    COST,
    REGIONS,
    REMARK,
  ],
  shipped: [
    box('ring-round', 'Extension ring, round, 1½ in', ['round', 'ring', 15.5, 0.0381, 12, 6], ['na-120']),
    box('ring-square', 'Extension ring, square, 1½ in', ['square', 'ring', 21, 0.0381, 12, 7], ['na-120']),
    box(
      'ring-wet',
      'Extension ring, round, gasketed, 1½ in',
      ['round', 'ring', 15.5, 0.0381, 15, 12],
      ['na-120'],
      'yes',
    ),
    box('wet-surface', 'Surface box, wet-rated, round', ['round', 'surface', 18, 0.05, 20, 14], ['na-120'], 'yes'),
    box('deep-round', 'Deep octagonal box, 2⅛ in', ['round', 'deeper', 21.5, 0, 45, 9], ['na-120']),
    box('deep-square', 'Deep square box, 2⅛ in', ['square', 'deeper', 30.3, 0, 45, 11], ['na-120']),
    box('ip-surface', 'Sealed surface box, 100 × 100 × 50', ['any', 'surface', 24.4, 0.05, 20, 9], ['gb-230'], 'yes'),
    box('spacer-25', 'Spacer frame, 25 mm', ['device', 'ring', 6.7, 0.025, 10, 4], ['gb-230']),
    box('back-47', 'Back box, 47 mm deep', ['device', 'deeper', 13.5, 0, 50, 4], ['gb-230']),
  ],
  disagreements: namesNoRegion,
};

function box(
  id: string,
  name: string,
  [shape, kind, volumeIn3, depthM, minutes, cost]: readonly [string, string, number, number, number, number],
  regions: readonly string[],
  gasketed: 'yes' | 'no' = 'no',
): Values {
  return { id, name, kind, shape, volumeIn3, depthM, gasketed, minutes, cost, regions };
}

/** Machine screws for boxes and bars, one line for each length. */
export const screws: Shelf = {
  words: 'Box screws',
  one: 'box screw',
  columns: [
    ...NAMED,
    choice('thread', 'thread', SCREW_THREADS, { main: true }),
    figure('lengthM', 'length', 'm', 0.002, 0.2, { main: true }),
    REMARK,
  ],
  shipped: [
    ...(['1/2', '3/4', '1', '1-1/4', '1-1/2', '2', '2-1/2'] as const).map((inches) => screwIn('8-32', inches)),
    ...(['1/2', '3/4', '1', '1-1/4', '2'] as const).map((inches) => screwIn('6-32', inches)),
    ...(['3/4', '1', '1-1/2'] as const).map((inches) => screwIn('10-24', inches)),
    ...[12, 16, 20, 25, 30, 35, 40, 50, 75].map((mm) => screwMm('M3.5', mm)),
    ...[10, 16, 20, 25, 30, 40].map((mm) => screwMm('M4', mm)),
  ],
  disagreements: nothingDisagrees,
};

function screwIn(thread: string, inches: string): Values {
  const [whole = '0', part] = inches.includes('-')
    ? inches.split('-')
    : inches.includes('/')
      ? ['0', inches]
      : [inches];
  const [over = '0', under = '1'] = part?.split('/') ?? [];
  const lengthM = Number(((Number(whole) + Number(over) / Number(under)) * INCH_M).toFixed(6));
  return { id: `${thread}-${inches.replace('/', '-')}`, name: `${thread} × ${inches} in`, thread, lengthM };
}

function screwMm(thread: string, mm: number): Values {
  return {
    id: `${thread.replace('.', '-').toLowerCase()}-${mm}`,
    name: `${thread} × ${mm} mm`,
    thread,
    lengthM: mm / 1000,
  };
}
