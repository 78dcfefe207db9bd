import { said, type Text } from '../said';
import { gaugeMm2, type Wire } from '../wiring';
import { awgToMm2 } from '../circuit';
import {
  BOX_FILL_AWG,
  boxFill,
  type BoxConductor,
  type BoxContents,
  type BoxFillAwg,
  type BoxFillItem,
} from './boxFill';
import type { BoxSurvey, SurveyedConductor } from './boxSurvey';
import { in3ToCm3 } from './standardBoxes';

/** What goes into a box beside what was found there. */
export interface Added {
  /** Leads of the fixture or of a transformer’s primary, without the ground. */
  readonly leads: readonly { readonly mm2: number }[];
  /** Grounds that come with it. */
  readonly groundMm2: readonly number[];
  /** They come out of a canopy; a transformer’s leads come through a knock-out like any conductor. */
  readonly from: 'canopy' | 'knockOut';
  readonly canopy: 'domed' | 'flat';
  /** Conductors of a new cable: hot, neutral, ground. */
  readonly newCableMm2: number | null;
  readonly keepsOutlet: boolean;
  /** Pigtails made on the spot. */
  readonly pigtails: number;
  /** Volume of the connectors, cm³. */
  readonly connectorsCm3: number;
}

export const NOTHING_ADDED: Added = {
  leads: [],
  groundMm2: [],
  from: 'knockOut',
  canopy: 'flat',
  newCableMm2: null,
  keepsOutlet: true,
  pigtails: 0,
  connectorsCm3: 0,
};

/** How much room there is, by the region’s rule or as guidance. */
export interface BoxRoom {
  /** `rule`: NEC 314.16. `guidance`: a share of the box’s space, no rule anywhere. */
  readonly by: 'rule' | 'guidance';
  readonly boxIn3: number;
  readonly requiredIn3: number;
  readonly spareIn3: number;
  readonly fits: boolean;
  readonly items: readonly BoxFillItem[];
}

/** The size that a conductor is counted with: the next thicker of the table; what is thinner than all counts as 18. */
function countedAs(mm2: number): BoxFillAwg {
  // A thousandth for sizes that went through mm² and back
  const fitting = BOX_FILL_AWG.filter((awg) => awgToMm2(awg) >= mm2 * 0.999);
  return fitting.reduce<BoxFillAwg>((thinnest, awg) => (awg > thinnest ? awg : thinnest), fitting[0] ?? 6);
}

const largestAwg = (sizes: readonly number[]): BoxFillAwg => (sizes.length === 0 ? 14 : countedAs(Math.max(...sizes)));

const allConductors = ({ cables }: BoxSurvey): readonly SurveyedConductor[] =>
  cables.flatMap(({ conductors }) => conductors);

const mm2Of = ({ gauge }: Pick<Wire, 'gauge'>): number => gaugeMm2(gauge);

/** What is in a box as NEC 314.16(B) counts it. */
export function boxContents(survey: BoxSurvey, added: Added, boxIn3: number): BoxContents {
  const cores = allConductors(survey).filter(({ carries }) => carries !== 'ground');
  const grounds = allConductors(survey)
    .filter(({ carries }) => carries === 'ground')
    .map(mm2Of);
  const cable = added.newCableMm2 === null ? [] : [added.newCableMm2];
  const fromAdded = added.from === 'canopy' ? ('fixture' as const) : ('ends' as const);
  const groups: readonly BoxConductor[] = [
    ...cores.map((conductor): BoxConductor => ({
      awg: countedAs(mm2Of(conductor)),
      count: 1,
      role: conductor.passes ?? 'ends',
    })),
    ...cable.map((mm2): BoxConductor => ({ awg: countedAs(mm2), count: 2, role: 'ends' })),
    ...added.leads.map(({ mm2 }): BoxConductor => ({ awg: countedAs(mm2), count: 1, role: fromAdded })),
    ...(added.pigtails > 0 ? [{ awg: largestAwg(grounds), count: added.pigtails, role: 'inside' as const }] : []),
  ];
  const sizes = [...grounds, ...cable, ...added.groundMm2];
  return {
    edition: survey.edition,
    boxIn3,
    conductors: gathered(groups),
    canopy: added.canopy,
    clamps: survey.clamps,
    fittings: survey.fittings,
    terminalBlocks: 0,
    yokes: survey.deviceIn === 'outlet' && added.keepsOutlet ? [{ awg: largestAwg(cores.map(mm2Of)) }] : [],
    grounds: {
      count: sizes.length,
      awg: largestAwg(sizes),
      fromCanopy: added.from === 'canopy' ? added.groundMm2.length : 0,
    },
  };
}

/** Alike conductors in one line. */
function gathered(groups: readonly BoxConductor[]): readonly BoxConductor[] {
  const lines = new Map<string, BoxConductor>();
  for (const group of groups) {
    const key = `${group.role}-${group.awg}`;
    const line = lines.get(key);
    lines.set(key, { ...group, count: group.count + (line?.count ?? 0) });
  }
  return [...lines.values()];
}

/** At most this share of a box is conductors with their insulation and connectors. Engineering default (domain/junction). */
export const SPACE_SHARE_MOST = 0.4;
/** Free length of a conductor in a box where it was not measured, and of a pigtail, m. */
const FREE_M = 0.15;
/** Insulation by cross-section, mm: up to mm² (IEC 60227-3, rounded). */
const INSULATION_MM = [
  { upTo: 1.5, mm: 0.7 },
  { upTo: 6, mm: 0.8 },
  { upTo: Infinity, mm: 1 },
] as const;

/** Volume of one insulated conductor, cm³. */
function insulatedCm3(mm2: number, lengthM: number): number {
  const insulation = INSULATION_MM.find(({ upTo }) => mm2 <= upTo)?.mm ?? 1;
  const outerMm = Math.sqrt((4 * mm2) / Math.PI) + 2 * insulation;
  return (Math.PI / 4) * outerMm ** 2 * lengthM;
}

/** Space that conductors and connectors take, line by line. */
function spaceItems(survey: BoxSurvey, added: Added): readonly BoxFillItem[] {
  const item = (what: Text, count: number, cm3: number): BoxFillItem => ({
    what,
    count,
    eachIn3: count === 0 ? 0 : cm3 / count / in3ToCm3(1),
    in3: cm3 / in3ToCm3(1),
  });
  const house = allConductors(survey);
  const houseCm3 = house.reduce((sum, conductor) => sum + insulatedCm3(mm2Of(conductor), conductor.freeM ?? FREE_M), 0);
  const leads = [...added.leads.map(({ mm2 }) => mm2), ...added.groundMm2];
  const leadsCm3 = leads.reduce((sum, mm2) => sum + insulatedCm3(mm2, FREE_M), 0);
  const cable = added.newCableMm2 === null ? 0 : 3 * insulatedCm3(added.newCableMm2, FREE_M);
  const thickest = Math.max(1, ...house.map(mm2Of));
  return [
    item(said('conductorsHouse'), house.length, houseCm3),
    item(said('leadsHung'), leads.length, leadsCm3),
    item(said('conductorsNewCable'), added.newCableMm2 === null ? 0 : 3, cable),
    item(said('pigtails'), added.pigtails, added.pigtails * insulatedCm3(thickest, FREE_M)),
    item(said('connectors'), 1, added.connectorsCm3),
  ].filter(({ in3 }) => in3 > 0);
}

/** The room in a box, counted by the region. Null where its volume is not known. */
export function boxRoom(survey: BoxSurvey, added: Added, by: 'us-314.16' | 'spaceShare', moreIn3 = 0): BoxRoom | null {
  if (survey.volumeIn3 === null) return null;
  const boxIn3 = survey.volumeIn3 + moreIn3;
  if (by === 'us-314.16') {
    const { requiredIn3, spareIn3, fits, items } = boxFill(boxContents(survey, added, boxIn3));
    return { by: 'rule', boxIn3, requiredIn3, spareIn3, fits, items };
  }
  const items = spaceItems(survey, added);
  const requiredIn3 = items.reduce((sum, { in3 }) => sum + in3, 0) / SPACE_SHARE_MOST;
  const spareIn3 = boxIn3 - requiredIn3;
  return { by: 'guidance', boxIn3, requiredIn3, spareIn3, fits: spareIn3 >= 0, items };
}
