'use client';
import { doorbellWords, verdictWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { chimeFigures } from '@/core/bell';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { decisionOf, failuresOf, isFeedKnown, type Assessment } from '@/core/points';
import { DecisionTag } from '../../verdict/DecisionTag';
import { Verdict } from '../../verdict/Verdict';
import { useDoorbell } from './useDoorbell';
import { volts, voltsOrCollapse } from '../../figures/words';

/** What to do, how sure that is and what would change it; then how its circuit stands, and the figures that decide. */
export function DoorbellCarried() {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const { judgement, words } = assessment.reference;
  const decision = point.choice ? null : decisionOf(assessment);
  const doors = [point.name, ...judgement.others.map(({ name }) => name)];
  return (
    <>
      <div className="carry-verdict">
        {decision ? (
          <>
            <DecisionTag decision={decision} />
            <p className="small soft block-top" data-testid="verdict">
              <b>{verdictWords.theCircuitOf({ way: capital(say(words)) })}</b>{' '}
              {say(said('verdict', { verdict: judgement.verdict }))}. {say(judgement.reason)}
            </p>
          </>
        ) : (
          <Verdict judgement={judgement} way={say(words)} outranked={failuresOf(point).length > 0} />
        )}
        {doors.length > 1 && (
          <p className="small soft">{doorbellWords.allOnThisSupply({ doors: doors.map(say).join(', ') })}</p>
        )}
      </div>
      <Figures assessment={assessment} />
    </>
  );
}

/** The figures that decide. */
function Figures({ assessment }: { readonly assessment: Assessment }) {
  const { reference, known, survey } = assessment;
  const chime = reference.treatment && chimeFigures(survey, known.houses, reference.change, reference.treatment);
  return (
    <>
      {isFeedKnown(assessment) && (
        <section>
          <dl className="figures">
            {reference.judgement.verdict !== 'notComputed' && (
              <>
                <dt>{doorbellWords.doorLikelyAtWorst}</dt>
                <dd>{voltsOrCollapse(reference.judgement.governingVolts)}</dd>
              </>
            )}
            {known.sourceKnown && (
              <>
                {reference.change.transformer && <dt className="soft wide">{doorbellWords.theOldTransformer}</dt>}
                <dt>{doorbellWords.openVolts}</dt>
                <dd>{volts(known.openVolts.likely)}</dd>
                {known.voltsAtRated && (
                  <>
                    <dt>{doorbellWords.voltsAtRatedCurrent}</dt>
                    <dd>{volts(known.voltsAtRated.likely)}</dd>
                  </>
                )}
                <dt>{doorbellWords.sourceCold}</dt>
                <dd>{known.sourceOhms.likely.toFixed(1)} Ω</dd>
              </>
            )}
            {chime && (
              <>
                <dt>{doorbellWords.chimeWhenPressed}</dt>
                <dd>{volts(chime.pressedVolts.likely)}</dd>
              </>
            )}
          </dl>
        </section>
      )}
    </>
  );
}
