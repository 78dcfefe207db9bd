'use client';
import { doorbellWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { chimeFigures } from '@/core/bell';
import { isFeedKnown, type Assessment } from '@/core/points';
import { Verdict } from '../../verdict/Verdict';
import { useDoorbell } from './useDoorbell';
import { volts, voltsOrCollapse } from '../../figures/words';

/** Whether its circuit holds, what would settle it, and the figures that decide. */
export function DoorbellCarried() {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const { judgement, words } = assessment.reference;
  const doors = [point.name, ...judgement.others.map(({ name }) => name)];
  return (
    <>
      <div className="carry-verdict">
        <Verdict judgement={judgement} way={say(words)} />
        {doors.length > 1 && (
          <p className="small soft">{doorbellWords.allOnThisSupply({ doors: doors.map(say).join(', ') })}</p>
        )}
      </div>
      <Figures assessment={assessment} />
    </>
  );
}

/** What would settle a doorbell’s circuit, and the figures that decide. */
function Figures({ assessment }: { readonly assessment: Assessment }) {
  const say = useSay();
  const { reference, known, survey } = assessment;
  const next = assessment.next();
  const chime = reference.treatment && chimeFigures(survey, known.houses, reference.change, reference.treatment);
  return (
    <>
      {next && (
        <section>
          <h2>{doorbellWords.wouldSettleIt}</h2>
          <p>
            {say(next.words)}. <span className="soft">{`${next.minutes} min. ${say(next.why)}`}</span>
          </p>
        </section>
      )}
      {isFeedKnown(assessment) && (
        <section>
          <dl className="figures">
            <dt>{doorbellWords.doorLikelyAtWorst}</dt>
            <dd>{voltsOrCollapse(reference.judgement.governingVolts)}</dd>
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
