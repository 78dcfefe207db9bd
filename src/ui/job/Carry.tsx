'use client';
import { chimeFigures } from '@/core/bell';
import { findingsOf, fixtureOf, partsOf, regionOf, worriesOf } from '@/core/job';
import { inWordsOf } from '@/core/region';
import { PlanTag } from '../kit/box/PlanTag';
import { CircuitPlates } from '../kit/CircuitPlate';
import { Verdict } from '../kit/Verdict';
import { useJob } from '../kit/job/JobContext';
import { volts, voltsOrCollapse } from '../kit/words';

/** What answers on every rung: is it live, does it hold, what would settle it, the figures, the worries, the parts. */
export function Carry() {
  const { job, point, assessment } = useJob();
  const { reference, known, survey } = assessment;
  const fixture = fixtureOf(point);
  const next = assessment.next();
  const doorbell = point.kind === 'doorbell';
  const worries = worriesOf(job, point, assessment);
  const parts = partsOf(job, point);
  const chime = reference.treatment && chimeFigures(survey, known.houses, reference.change, reference.treatment);
  return (
    <>
      <CircuitPlates job={job} pointId={point.id} />
      {doorbell && (
        <div className="carry-verdict">
          <Verdict judgement={reference.judgement} way={reference.words} />
        </div>
      )}
      {fixture && (
        <div className="carry-verdict">
          <PlanTag
            standing={fixture}
            planned={findingsOf(job, point).planned}
            place={(text) => inWordsOf(regionOf(job), text)}
          />
        </div>
      )}
      {doorbell && next && (
        <section>
          <h2>Would settle it</h2>
          <p>
            {next.words}. <span className="soft">{`${next.minutes} min. ${next.why}`}</span>
          </p>
        </section>
      )}
      {doorbell && known.sourceKnown && (
        <section>
          <dl className="figures">
            <dt>door, likely at worst</dt>
            <dd>{voltsOrCollapse(reference.judgement.governingVolts)}</dd>
            {reference.change.transformer && <dt className="soft wide">the old transformer:</dt>}
            <dt>open volts</dt>
            <dd>{volts(known.openVolts.likely)}</dd>
            {known.voltsAtRated && (
              <>
                <dt>volts at rated current</dt>
                <dd>{volts(known.voltsAtRated.likely)}</dd>
              </>
            )}
            <dt>source, cold</dt>
            <dd>{known.sourceOhms.likely.toFixed(1)} Ω</dd>
            {chime && (
              <>
                <dt>chime when pressed</dt>
                <dd>{volts(chime.pressedVolts.likely)}</dd>
              </>
            )}
          </dl>
        </section>
      )}
      {worries.length > 0 && (
        <section>
          <h2>Worries</h2>
          <ul className="worries">
            {worries.map((worry) => (
              <li key={worry.id}>
                <b className="brick" aria-hidden="true">
                  !
                </b>{' '}
                {worry.words}
              </li>
            ))}
          </ul>
        </section>
      )}
      {parts.length > 0 && (
        <section>
          <h2>To bring</h2>
          <div className="small">{parts.join(' · ')}</div>
        </section>
      )}
    </>
  );
}
