/** What was seen at the hole; null where it was not looked at. */
export interface PlateSurvey {
  readonly leadReachM: number | null;
  readonly oldMarksM: number | null;
  readonly holeHeightM: number | null;
  readonly sideClearM: number | null;
  readonly plateM: { readonly height: number; readonly width: number };
}

/** Where the plate's centre can sit. */
export interface PlatePlace {
  /** Up and down from the hole. */
  readonly shiftM: number;
  /** Over standing ground; null without the hole's height. */
  readonly lowestM: number | null;
  readonly highestM: number | null;
  /** Whether the plate covers the old marks without a backing plate. */
  readonly coversMarks: boolean;
  /** Whether it fits beside what stands at its side; null where not measured. */
  readonly fitsSide: boolean | null;
  /** The reach is too short to make the connection outside the wall. */
  readonly leadShort: boolean;
}

/** Lead that the connection itself takes: two screws, hooked. */
export const LEAD_NEEDED_M = 0.06;
/** Height that is usual for the lens, over the ground the visitor stands on. */
export const USUAL_HEIGHT_M = 1.2;

/**
 * The region of possible places for the plate: as far as the lead reaches beyond the connection, and so that the hole
 * and the old marks stay covered.
 * @returns null until the lead's reach is known
 */
export function platePlace(survey: PlateSurvey): PlatePlace | null {
  const { leadReachM, oldMarksM, holeHeightM, sideClearM, plateM } = survey;
  if (leadReachM === null) return null;
  const byLead = Math.max(0, leadReachM - LEAD_NEEDED_M);
  const byCover = Math.max(0, (plateM.height - (oldMarksM ?? 0)) / 2);
  const shiftM = Math.min(byLead, byCover);
  return {
    shiftM,
    lowestM: holeHeightM === null ? null : holeHeightM - shiftM,
    highestM: holeHeightM === null ? null : holeHeightM + shiftM,
    coversMarks: (oldMarksM ?? 0) <= plateM.height,
    fitsSide: sideClearM === null ? null : sideClearM >= plateM.width / 2,
    leadShort: leadReachM < LEAD_NEEDED_M,
  };
}
