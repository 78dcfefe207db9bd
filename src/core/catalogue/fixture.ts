import { figureOf, figureOr, listOf, textOf } from './shelf';
import { PROJECTIONS } from '../view';
import type { CameraProfile } from './cameraProfile';
import type { Values } from './column';

/** What the mark on a mounting plate means; it differs by fixture. */
export const UP_MARKS = ['arrowUp', 'arrowDown', 'openingUp'] as const;
/** What a fixture is made to hang on. */
export const MADE_FORS = ['wall', 'eave', 'both'] as const;
/** Which of its joints lock with a collar. */
export const COLLARS = ['none', 'tilt', 'turnAndTilt'] as const;
/** Which joint is set first: the other way round moves what was set. */
export const AIM_ORDERS = ['turnFirst', 'tiltFirst'] as const;

/** What its sheet may leave open of the camera. */
type SeenBySheet = Partial<Omit<CameraProfile, 'headDownDeg' | 'headUpDeg'>>;

/** How its head is handled; what its sheet does not say is left out. */
export interface Handling {
  readonly collars: (typeof COLLARS)[number];
  readonly aimOrder: (typeof AIM_ORDERS)[number];
}

/** A floodlight camera. Joints turn from the plate’s normal; down is towards the ground on a wall. */
export interface FixtureProfile extends SeenBySheet, Partial<Handling> {
  readonly id: string;
  readonly name: string;
  readonly voltsLow: number;
  readonly voltsHigh: number;
  /** Its leads: size, strands, whether one of them is a ground (class II has none). */
  readonly leadMm2: number;
  readonly leadStrands: 'solid' | 'stranded';
  readonly grounded: boolean;
  readonly cameraVa: number;
  readonly lampVa: number;
  readonly canopy: 'domed' | 'flat';
  readonly upMark: (typeof UP_MARKS)[number];
  readonly madeFor: (typeof MADE_FORS)[number];
  readonly headDownDeg: number;
  readonly headUpDeg: number;
  readonly sensorDownDeg: number;
  readonly plateM: number;
  readonly gasketM: number;
  readonly weightKg: number;
  /** Its lead with a plug, m; 0: it comes with bare leads for a box. */
  readonly plugLeadM: number;
  /** Connector that comes in its bag; empty where none does. */
  readonly bagConnector: string;
  readonly minutes: number;
  readonly cost: number;
  readonly inBag: readonly string[];
  readonly remark: string;
}

const SHEET_FIGURES = [
  'hfovDeg',
  'widthPx',
  'heightPx',
  'panDeg',
  'sensorReachM',
  'sensorHeightM',
  'sensorLobeDeg',
  'lamps',
  'lampLm',
  'lampBeamDeg',
] as const;

/** What a sheet says of the camera; what it leaves open is left out. */
function seenBySheet(values: Values): SeenBySheet {
  const projection = PROJECTIONS.find((one) => one === values.projection);
  return {
    ...(projection ? { projection } : {}),
    ...Object.fromEntries(
      SHEET_FIGURES.flatMap((name) => (typeof values[name] === 'number' ? [[name, values[name]]] : [])),
    ),
  };
}

function handledBySheet(values: Values): Partial<Handling> {
  const collars = COLLARS.find((one) => one === values.collars);
  const aimOrder = AIM_ORDERS.find((one) => one === values.aimOrder);
  return { ...(collars ? { collars } : {}), ...(aimOrder ? { aimOrder } : {}) };
}

/** A fixture from a shelf’s values. */
export const fixtureFrom = (values: Values): FixtureProfile => ({
  id: textOf(values, 'id'),
  name: textOf(values, 'name'),
  voltsLow: figureOf(values, 'voltsLow'),
  voltsHigh: figureOf(values, 'voltsHigh'),
  leadMm2: figureOf(values, 'leadMm2'),
  leadStrands: values.leadStrands === 'solid' ? 'solid' : 'stranded',
  grounded: values.grounded !== 'no',
  cameraVa: figureOf(values, 'cameraVa'),
  lampVa: figureOf(values, 'lampVa'),
  canopy: values.canopy === 'domed' ? 'domed' : 'flat',
  upMark: UP_MARKS.find((mark) => mark === values.upMark) ?? 'arrowUp',
  madeFor: MADE_FORS.find((one) => one === values.madeFor) ?? 'wall',
  headDownDeg: figureOf(values, 'headDownDeg'),
  headUpDeg: figureOf(values, 'headUpDeg'),
  sensorDownDeg: figureOf(values, 'sensorDownDeg'),
  plateM: figureOf(values, 'plateM'),
  gasketM: figureOf(values, 'gasketM'),
  weightKg: figureOf(values, 'weightKg'),
  plugLeadM: figureOr(values, 'plugLeadM', 0),
  bagConnector: textOf(values, 'bagConnector'),
  minutes: figureOf(values, 'minutes'),
  cost: figureOf(values, 'cost'),
  inBag: listOf(values, 'inBag'),
  remark: textOf(values, 'remark'),
  ...seenBySheet(values),
  ...handledBySheet(values),
});
