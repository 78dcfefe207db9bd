/** What was seen at the hole; null where it was not looked at. */
export interface PlateSurvey {
  readonly leadReachM: number | null;
  readonly oldMarksM: number | null;
  readonly holeHeightM: number | null;
  readonly sideClearM: number | null;
  /** From the hole up and down to a lip (a board’s edge, a sill, trim) that a plate can’t lie across. */
  readonly lipAboveM: number | null;
  readonly lipBelowM: number | null;
  /** How far a sheath, an old box or a seal stands out of the wall at the hole. */
  readonly proudM: number | null;
  /** How far a frame or reveal stands out before the wall, at the nearer side. */
  readonly revealM: number | null;
  readonly plateM: { readonly height: number; readonly width: number };
}

/** Where the plate's centre can sit. */
export interface PlatePlace {
  /** How far up and down from the hole the plate's centre may go; both 0 where there is no room at all. */
  readonly upM: number;
  readonly downM: number;
  /** Over standing ground; null without the hole's height. */
  readonly lowestM: number | null;
  readonly highestM: number | null;
  /** Whether the plate covers the old marks without a backing plate. */
  readonly coversMarks: boolean;
  /** Whether it fits beside what stands at its side; null where not measured. */
  readonly fitsSide: boolean | null;
  /** The reach is too short to make the connection outside the wall. */
  readonly leadShort: boolean;
  /** Two lips leave less than the plate's height between them: it lies on a lip unless something is put under it. */
  readonly onLip: boolean;
  /** Depth of what must go under the plate so that it lies flush over a sheath or box; 0 where it does. */
  readonly spacerM: number;
  /** Degrees of the view that the frame takes at its side; null where frame or side was not measured. */
  readonly frameTakesDeg: number | null;
}

/** Lead that the connection itself takes: two screws, hooked. */
export const LEAD_NEEDED_M = 0.06;
/** A ladder stands at 1:4: its foot by this share of the height from the wall. */
export const LADDER_FOOT_SHARE = 0.25;
/** So much air is left between a fixture and the eaves over it: lamps get warm, and water runs off. Engineering default. */
export const EAVE_CLEAR_M = 0.2;
/** Height that is usual for the lens, over the ground the visitor stands on. */
export const USUAL_HEIGHT_M = 1.2;
/** The back of a plate takes up this much standing proud: an engineering default. */
export const PLATE_HOLLOW_M = 0.003;
/** The lens stands this far before the wall: an engineering default. */
export const LENS_BEFORE_WALL_M = 0.022;

const degrees = (radians: number): number => (radians * 180) / Math.PI;

function frameTakes({ sideClearM, revealM }: PlateSurvey): number | null {
  if (sideClearM === null || revealM === null) return null;
  const before = revealM - LENS_BEFORE_WALL_M;
  return before <= 0 ? 0 : degrees(Math.atan2(before, Math.max(sideClearM, 0.001)));
}

/**
 * The region of possible places for the plate: as far as the lead reaches beyond the connection, so that hole and old
 * marks stay covered, and clear of lips.
 * @returns null until the lead's reach is known
 */
export function platePlace(survey: PlateSurvey): PlatePlace | null {
  const { leadReachM, oldMarksM, holeHeightM, sideClearM, lipAboveM, lipBelowM, proudM, plateM } = survey;
  if (leadReachM === null) return null;
  const half = plateM.height / 2;
  const byLead = Math.max(0, leadReachM - LEAD_NEEDED_M);
  const byCover = Math.max(0, half - (oldMarksM ?? 0) / 2);
  const free = Math.min(byLead, byCover);
  const highest = Math.min(free, lipAboveM === null ? Infinity : lipAboveM - half);
  const lowest = Math.max(-free, lipBelowM === null ? -Infinity : half - lipBelowM);
  const onLip = lowest > highest + 1e-9;
  const [upM, downM] = onLip ? [0, 0] : [highest, -lowest];
  return {
    upM,
    downM,
    lowestM: holeHeightM === null ? null : holeHeightM - downM,
    highestM: holeHeightM === null ? null : holeHeightM + upM,
    coversMarks: (oldMarksM ?? 0) <= plateM.height,
    fitsSide: sideClearM === null ? null : sideClearM >= plateM.width / 2,
    leadShort: leadReachM < LEAD_NEEDED_M,
    onLip,
    spacerM: Math.max(0, (proudM ?? 0) - PLATE_HOLLOW_M),
    frameTakesDeg: frameTakes(survey),
  };
}
