import type { NextMove } from '@/core/kinds';
import {
  circuitsOfPoint,
  customerSheet,
  decisionOf,
  failuresOf,
  ladderOf,
  stepStandings,
  verdictOf,
  worriesOf,
  type Assessment,
} from '@/core/points';
import { say } from '@/words/forTests';
import type { Hand } from './hand';

/** What the screens of a point say that does not go together, at one moment of a climb. */
export function contradictionsAt(hand: Hand, move: NextMove, assessment: Assessment): readonly string[] {
  const job = hand.job;
  const point = hand.pointOf('p');
  const marks = ladderOf(job, point, assessment, hand.asker);
  const stateOf = (rung: NextMove['rung']) => marks.find((one) => one.rung === rung)?.state;
  const verdict = verdictOf(job, point, assessment);
  const failures = failuresOf(point);
  const toPutRight = failures.some(({ accepted }) => accepted === null);
  const worries = worriesOf(job, point, assessment);
  const off = circuitsOfPoint(job, point).some(({ state }) => state.state !== 'live');
  const held = stepStandings(job, point, hand.asker).find(({ ticked }) => !ticked)?.held ?? null;
  const found: string[] = [];
  const never = (is: boolean, what: string) => void (is && found.push(what));
  never(
    point.left === null && stateOf(move.rung) === 'done' && move.rung !== 'leave',
    `next is ${move.rung}, which is done`,
  );
  never(failures.length > 0 !== (verdict?.word === 'failed'), 'a failure and the verdict');
  never(toPutRight !== worries.some(({ id }) => id.startsWith('failed-')), 'a failure and the worries');
  never(toPutRight && stateOf('prove') !== 'held', 'a failure and the mark of Prove');
  never(failures.length > 0 && failures.length > customerSheet(job).open.length, 'a failure and the customer’s page');
  never(off && stateOf('prove') === 'done', 'a circuit that is off, and Prove is done');
  never(off && move.rung === 'leave' && point.left === null, 'a circuit that is off is handed over');
  never(held !== null && move.rung === 'wire' && !move.held && say(move.words) === say(held), 'a held step is offered');
  if (point.kind === 'doorbell' && point.choice === null) {
    const decision = decisionOf(assessment);
    if (decision) {
      const words = `${say(decision.word)} ${say(decision.words)}`;
      never(
        decision.settled && decision.wouldChange !== null && decision.what !== 'nothingHolds',
        'settled, and something would change it',
      );
      never(
        !decision.settled && decision.wouldChange === null && decision.what !== 'cannotTell',
        'leading, and nothing would change it',
      );
      never(decision.settled && move.rung === 'measure', 'settled, and a reading is asked for');
      never(!decision.settled && /whatever you read/.test(words), 'leading, in the words of what is settled');
      never(
        (decision.belief === null) !== (assessment.advice().leading?.standing == null),
        'a belief of what was not computed',
      );
    }
  }
  const judged = verdict && verdict.word === 'notComputed' ? say(verdict.words) : '';
  never(/\d/.test(judged), 'a figure of what was not computed');
  return found;
}
