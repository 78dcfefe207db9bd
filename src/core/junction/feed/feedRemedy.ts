import type { Work } from '../../region';
import type { Text } from '../../said';
import { capAt, leadsAt, type Move, type Task, type Wiring } from '../../wiring';
import type { BoxSurvey } from '../boxSurvey';
import type { FeedCase } from '../feedCase';

/** A way to give the camera a feed that is always on. */
export interface FeedRemedy {
  readonly id: string;
  readonly name: Text;
  /** Feed cases that it is for. */
  readonly cases: readonly FeedCase[];
  /** Whether it is for this survey within its cases; all of them where it is left out. */
  readonly fits?: (survey: BoxSurvey) => boolean;
  readonly when: Text;
  readonly minutes: number;
  readonly cost: number;
  /** What of it places keep for a licence; null: ordinary work on mains. */
  readonly work: Work | null;
  readonly parts: readonly Text[];
  /** What is done before the fixture’s own leads go on. */
  readonly tasks: (wiring: Wiring) => readonly Task[];
}

/** Everything off a joint. */
export const allOff = (wiring: Wiring, joint: string): readonly Move[] =>
  leadsAt(wiring, joint).map(({ id }): Move => ({ do: 'off', lead: id, joint }));

/** A lead off where it is and under a cap of its own. */
export const capped = (wiring: Wiring, lead: string, joint: string, name: string): readonly Move[] => [
  { do: 'off', lead, joint },
  { do: 'splice', joint: capAt(`cap.${lead}`, 'box', name) },
  { do: 'on', lead, joint: `cap.${lead}` },
];
