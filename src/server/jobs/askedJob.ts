import { isSaid, type Text } from '@/core/said';
import type { Asker } from '@/core/isolation';
import { placeOf, type Job } from '@/core/job';
import { nextMove, rememberingAssess, stepStandings, verdictOf, type Assessment, type Point } from '@/core/points';
import { problemOf, ProblemError } from '@/contract/problem';
import { sayIn } from '@/words';
import type { Apart, GateAsked } from '../apart/asked';
import { ofCatalogue } from '../catalogue';
import { isLicensed } from '../crew';
import type { Database } from '../db/open';
import { jobLog, jobOf } from './jobLog';

const ASSESSMENTS_KEPT = 50;
/** As the firm’s own catalogue has it. */
const assessOf = ofCatalogue((catalogue) => rememberingAssess(ASSESSMENTS_KEPT, catalogue));

/** The code of what is said; of what somebody wrote it is `written`. */
const codeOf = (text: Text): string => (isSaid(text) ? text.code : 'written');

/**
 * A job with what the gate thinks: every step as one person would be offered it now, and every proof with what ended it
 * (contracts, “what the gate thinks”).
 */
export function askedJob(job: Job, who: Asker, assess: (job: Job, point: Point) => Assessment): object {
  const say = sayIn(placeOf(job));
  return {
    ...job,
    points: job.points.map((point) => {
      const assessment = assess(job, point);
      const move = nextMove(job, point, assessment, who);
      const verdict = verdictOf(job, point, assessment);
      return {
        ...point,
        steps: stepStandings(job, point, who).map(({ step, placeId, ticked, heldBy }) => ({
          id: step.id,
          words: say(step.words),
          touches: step.touches,
          role: step.role,
          place: placeId,
          done: ticked,
          offered: !ticked && heldBy.length === 0,
          heldBy,
        })),
        move: { rung: move.rung, code: codeOf(move.words), words: say(move.words) },
        verdict: verdict && { code: verdict.word, words: say(verdict.words) },
      };
    }),
    circuits: job.circuits.map(({ state, proofs, ...circuit }) => ({
      ...circuit,
      standing: state,
      state: state.state,
      proofs: proofs.map(({ entryId, placeId, mark, proof, stands, endedBy, why }) => ({
        entryId,
        place: placeId,
        byId: mark.byId,
        weight: proof.weight,
        stands,
        endedBy,
        why,
      })),
    })),
  };
}

/** What the gate thinks of a job, for one person at one time, as JSON; or why it can’t be told. */
export async function gateOf(db: Database, { jobId, as, at }: GateAsked): Promise<Apart['gate']['answer']> {
  try {
    const job = jobOf(await jobLog(db, jobId));
    const who = { id: as, at: Date.parse(at), ownProofs: null, licensed: await isLicensed(db, as) };
    return JSON.stringify(askedJob(job, who, await assessOf(db)));
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error;
    return { problem: problemOf(error) };
  }
}
