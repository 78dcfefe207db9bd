import type { Work } from '../../region';
import type { Text } from '../../said';
import type { Task, Wiring } from '../../wiring';
import type { BoxSurvey } from '../boxSurvey';

/** A way to deal with the ground of a box. */
export interface GroundRemedy {
  readonly id: string;
  readonly name: Text;
  readonly when: Text;
  readonly minutes: number;
  readonly cost: number;
  /** What of it places keep for a licence; null: ordinary work on mains. */
  readonly work: Work | null;
  readonly parts: readonly Text[];
  /** Asked in writing before it may be taken: who decided what, by which rule; or what was measured. */
  readonly inWriting: Text | null;
  /** Whether it is one for this box, and this fixture. */
  readonly fits: (survey: BoxSurvey, grounded: boolean) => boolean;
  readonly tasks: (wiring: Wiring) => readonly Task[];
}
