'use client';
import { plugFloodlightWords } from '@/words/screens';
import { capital } from '@/core/units';
import { said } from '@/core/said';
import { useSay } from '../../log/useSay';
import { lengthsOf } from '@/core/job';
import { missingAtOutlet, outletFit } from '@/core/points';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { LeadDrawing } from './LeadDrawing';
import { usePlugFloodlight } from './usePlugFloodlight';

/** The outlet of a plug: how far, always on, protected, covered; and what of that does not suffice. */
export function OutletBench() {
  const say = useSay();
  const { job, point, kept } = usePlugFloodlight();
  const { outlet } = kept;
  const next = missingAtOutlet(kept)[0];
  const wrong = outletFit(point, null).filter(({ suffices }) => !suffices);
  const scope = { pointId: kept.id };
  const { ask, typed } = useFacts('outletDescribed', scope, outlet);
  return (
    <>
      {next && (
        <div className="next-test">
          <p className="what">{say(next.words)}</p>
          <p className="soft">{say(next.why)}</p>
        </div>
      )}
      <section>
        <h2>{capital(say(said('theOutlet')))}</h2>
        <FieldGroup
          kind="outletDescribed"
          scope={scope}
          fields={[
            typed('wayM', { asked: next?.id === 'wayM' }),
            typed('place', { hint: plugFloodlightWords.byTheBackDoor }),
          ]}
        />
        {ask('alwaysOn')}
        {ask('residual')}
        {ask('cover')}
      </section>
      <LeadDrawing
        wayM={point.outlet.wayM}
        plugLeadM={point.fixture?.data.fixture.plugLeadM ?? null}
        lengths={lengthsOf(job)}
        outlet={say(said('theOutlet'))}
      />
      <section data-testid="outlet-fit">
        <h2>{plugFloodlightWords.whetherItWillDo}</h2>
        {wrong.length === 0 ? (
          <p className="moss">{plugFloodlightWords.alwaysOnProtectedCovered}</p>
        ) : (
          <ul className="plain-list">
            {wrong.map(({ words }) => (
              <li key={say(words)} className="brick">
                {say(words)}
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}
