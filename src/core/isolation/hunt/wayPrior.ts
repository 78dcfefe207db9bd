import { said, type Text } from '../../said';

/** A way of a board as it is labelled. */
export interface LabelledWay {
  readonly label: string | null;
  readonly ratingAmps: number | null;
}

/** What else is known of where the bell's transformer hangs. */
export interface HuntClues {
  readonly mainsVolts: number;
  /** The bell dies with a light. */
  readonly diesWithLight: boolean;
  /** Where the transformer is, in a word of the places, null while it is not found. */
  readonly transformerAt: string | null;
}

/** Words of labels and how often a bell hangs there, against 2 for a way without a label. Engineering defaults. */
const LABEL_WEIGHTS: readonly { readonly words: RegExp; readonly weight: number; readonly kind: LabelKind }[] = [
  { words: /\b(spare|blank|empty|unused|not used)\b/i, weight: 0.05, kind: 'spare' },
  { words: /\b(door ?bell|bell|chime|transformer)\b/i, weight: 60, kind: 'bell' },
  {
    words:
      /\b(range|oven|stove|cooker|hob|dryer|water heater|immersion|hot tub|pool|ev|car charger|shower|heat pump|a\/?c|air con\w*|condenser)\b/i,
    weight: 0.15,
    kind: 'appliance',
  },
  {
    words: /\b(dish ?washer|washer|washing|microwave|fridge|refrigerator|freezer|disposal|sump|well|septic)\b/i,
    weight: 0.5,
    kind: 'appliance',
  },
  { words: /\b(furnace|boiler|heating|hvac)\b/i, weight: 4, kind: 'heating' },
  { words: /\b(hall|entry|entrance|foyer|porch|front|landing|stairs?)\b/i, weight: 9, kind: 'light' },
  { words: /\b(light|lights|lighting|ltg|lamp|lamps)\b/i, weight: 6, kind: 'light' },
  { words: /\b(basement|cellar|utility|laundry)\b/i, weight: 6, kind: 'basement' },
  { words: /\bgarage\b/i, weight: 5, kind: 'garage' },
  { words: /\b(smoke|alarm|security|fire)\b/i, weight: 3, kind: 'alarm' },
  { words: /\b(attic|loft)\b/i, weight: 3, kind: 'attic' },
  {
    words:
      /\b(plug|plugs|outlet|outlets|socket|sockets|receptacle\w*|ring|general|living|dining|den|bed ?rooms?|kitchen|bath\w*)\b/i,
    weight: 2.5,
    kind: 'socket',
  },
];
type LabelKind =
  | 'spare'
  | 'bell'
  | 'appliance'
  | 'heating'
  | 'light'
  | 'basement'
  | 'garage'
  | 'alarm'
  | 'attic'
  | 'socket'
  | 'none';

const UNLABELLED_WEIGHT = 2;
/** Weight of “not on this board”, as a share of all its ways. */
export const ELSEWHERE_SHARE = 0.04;
/** A bell transformer is a small load: a large rating is for something else. */
const LARGE_AMPS = 30;
const LARGE_FACTOR = 0.15;
/** Lighting circuits and bell ways where the mains are 230 V. */
const LIGHTING_AMPS = 10;
const LIGHTING_FACTOR_230 = 2.5;
/** A lighting circuit, once the bell was seen to die with a light. */
const DIES_WITH_LIGHT_FACTOR = 8;
const NEAR_TRANSFORMER_FACTOR = 4;

const NEAR: Readonly<Record<string, readonly LabelKind[]>> = {
  boilerRoom: ['heating', 'basement'],
  basementJoist: ['basement', 'heating'],
  lightBox: ['light'],
  droppedCeiling: ['light', 'basement'],
  attic: ['attic', 'light'],
  garage: ['garage'],
};

/** How likely it is that the bell hangs on a way, as a weight against the others. */
export function wayWeight({ label, ratingAmps }: LabelledWay, clues: HuntClues): number {
  const found = label?.trim() ? LABEL_WEIGHTS.find(({ words }) => words.test(label)) : undefined;
  const kind: LabelKind = found?.kind ?? 'none';
  let weight = found?.weight ?? UNLABELLED_WEIGHT;
  if (ratingAmps !== null && ratingAmps >= LARGE_AMPS) weight *= LARGE_FACTOR;
  if (ratingAmps !== null && ratingAmps <= LIGHTING_AMPS && clues.mainsVolts > 200) weight *= LIGHTING_FACTOR_230;
  if (clues.diesWithLight && kind === 'light') weight *= DIES_WITH_LIGHT_FACTOR;
  if (clues.transformerAt && NEAR[clues.transformerAt]?.includes(kind)) weight *= NEAR_TRANSFORMER_FACTOR;
  return weight;
}

const KEEP_ON: readonly { readonly words: RegExp; readonly why: Text }[] = [
  { words: /\b(medical|oxygen|dialysis|cpap|nurse|lift|elevator)\b/i, why: said('somebodysLifeMay') },
  { words: /\b(freezer|fridge|refrigerator)\b/i, why: said('thawsNobodyHome') },
  { words: /\b(alarm|security|fire|smoke)\b/i, why: said('alarmPeopleTold') },
  { words: /\b(server|rack|network|nas|office|computer)\b/i, why: said('computersWorkMust') },
  { words: /\b(sump|aquarium|pond)\b/i, why: said('mustNotStand') },
];

/** Why a way looks like one that is not to be dropped, by its label; null where it does not. */
export const looksLikeKeepOn = (label: string): Text | null =>
  KEEP_ON.find(({ words }) => words.test(label))?.why ?? null;
