'use client';
import { lengthsOf, regionOf } from '@/core/job';
import { inWordsOf } from '@/core/region';
import { LIMITS, OUTLET_COVERS, YES_NO, type EntryData } from '@/core/kinds';
import { missingAtOutlet, outletFit } from '@/core/points';
import { Choices } from '../../kit/form/Choices';
import { FieldGroup } from '../../kit/form/FieldGroup';
import { tapeField, textField } from '../../kit/form/fields';
import { LeadDrawing } from './LeadDrawing';
import { usePlugFloodlight } from './usePlugFloodlight';

const COVER_WORDS = { inUse: 'closes over a plug', flap: 'a flap only', none: 'nothing' } as const;
const YES_WORDS = { yes: 'yes', no: 'no' } as const;

/** The outlet of a plug: how far, always on, protected, covered; and what of that does not suffice. */
export function OutletBench() {
  const { job, point, kept, write } = usePlugFloodlight();
  const { outlet } = kept;
  const next = missingAtOutlet(kept)[0];
  const wrong = outletFit(point, null).filter(({ suffices }) => !suffices);
  const say = (data: Omit<EntryData<'outletDescribed'>, 'pointId'>) =>
    write('outletDescribed', { pointId: kept.id, ...data });
  return (
    <>
      {next && (
        <div className="next-test">
          <p className="what">{next.words}</p>
          <p className="soft">{next.why}</p>
        </div>
      )}
      <section>
        <h2>{inWordsOf(regionOf(job), 'The outlet')}</h2>
        <FieldGroup
          kind="outletDescribed"
          scope={{ pointId: kept.id }}
          fields={[
            {
              ...tapeField('wayM', 'way of the lead to it', lengthsOf(job), outlet.wayM, LIMITS.leadWayM),
              asked: next?.id === 'wayM',
            },
            textField('place', 'where it is', outlet.place, { hint: 'by the back door' }),
          ]}
        />
        <Choices
          label="on whatever switch is turned"
          options={YES_NO.map((value) => ({ value, words: YES_WORDS[value] }))}
          chosen={outlet.alwaysOn}
          onPick={(alwaysOn) => say({ alwaysOn })}
        />
        <Choices
          label="its GFCI or RCD turns it off when tested"
          options={YES_NO.map((value) => ({ value, words: YES_WORDS[value] }))}
          chosen={outlet.residual}
          onPick={(residual) => say({ residual })}
        />
        <Choices
          label="its cover"
          options={OUTLET_COVERS.map((value) => ({ value, words: COVER_WORDS[value] }))}
          chosen={outlet.cover}
          onPick={(cover) => say({ cover })}
        />
      </section>
      <LeadDrawing
        wayM={point.outlet.wayM}
        plugLeadM={point.fixture?.data.fixture.plugLeadM ?? null}
        lengths={lengthsOf(job)}
        outlet={inWordsOf(regionOf(job), 'outlet')}
      />
      <section data-testid="outlet-fit">
        <h2>Whether it will do</h2>
        {wrong.length === 0 ? (
          <p className="moss">Always on, protected, covered: a plug may stay in it.</p>
        ) : (
          <ul className="plain-list">
            {wrong.map(({ words }) => (
              <li key={words} className="brick">
                {words}
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}
