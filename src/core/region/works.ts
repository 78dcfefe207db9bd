/**
 * Work that places keep for people with a licence, or want notice of: in the board, a circuit that is new, a ground that is
 * new, going on without one by rule, the mains side of a transformer.
 */
export const WORKS = ['board', 'newCircuit', 'newGround', 'groundByRule', 'transformer'] as const;
export type Work = (typeof WORKS)[number];

/** How a firm draws the line: what the place keeps, all of these works, whatever touches mains. */
export type LicenceLine = 'reserved' | 'works' | 'allMains';

/** Whether a piece of work is for somebody with a licence. @param work null: ordinary work on mains */
export function isForLicence(line: LicenceLine, reserved: readonly Work[], work: Work | null): boolean {
  if (line === 'allMains') return true;
  return work !== null && (line === 'works' || reserved.includes(work));
}
