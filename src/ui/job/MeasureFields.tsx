'use client';
import { LIMITS } from '@/core/job';
import { OHMS, VOLTS, parseSpan, parseVoltAmps, type FigureRule } from '@/core/units';
import type { TypedField } from '../kit/form/field';
import { FieldGroup } from '../kit/form/FieldGroup';
import { figureField, mapped } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

/** A field that takes one new reading, a figure or a range. */
const readingField = (name: string, label: string, rule: FigureRule): TypedField => ({
  name,
  label,
  unit: rule.unit,
  figure: true,
  shown: '',
  read: (text) => mapped(parseSpan(text, rule), ({ low, high }) => ({ low, high })),
  cleared: {},
});

const bellVolts: FigureRule = { ...VOLTS, ...LIMITS.bellVolts };

/** What can be read at a transformer, as fields: each entry moves the verdict while it is typed. */
export function MeasureFields() {
  const { point, assessment, write } = useJob();
  const { ratedVolts, ratedVa } = point.transformer;
  const scope = { pointId: point.id };
  const va: TypedField = {
    name: 'ratedVa',
    label: 'nameplate VA',
    unit: 'VA',
    figure: true,
    shown: ratedVa === undefined ? '' : String(ratedVa),
    read: (text) => mapped(parseVoltAmps(text, ratedVolts ?? null), (value) => ({ ratedVa: value })),
    cleared: { ratedVa: null },
  };
  const plateVolts = figureField('ratedVolts', 'nameplate volts', { ...VOLTS, ...LIMITS.nameplateVolts }, ratedVolts);
  const open = readingField('open', 'open volts at the transformer', bellVolts);
  const live = readingField('live', 'volts at the door, live by day', bellVolts);
  const mains = readingField('mains', 'mains volts', { ...VOLTS, ...LIMITS.mainsVolts });
  const loop = readingField('loop', 'loop ohms to the door', { ...OHMS, ...LIMITS.loopOhms, zeroAllowed: true });
  return (
    <>
      <FieldGroup legend="Nameplate" kind="transformerDescribed" scope={scope} fields={[plateVolts, va]} />
      <h2>New readings</h2>
      <div className="fields">
        <FieldGroup
          key={`open-${point.readings.length}`}
          kind="readingTaken"
          scope={{ ...scope, what: 'volts', at: 'transformer', state: 'open' }}
          fields={[open]}
        />
        <FieldGroup
          key={`live-${point.readings.length}`}
          kind="readingTaken"
          scope={{ ...scope, what: 'volts', at: 'door', state: 'liveDay' }}
          fields={[live]}
        />
        <FieldGroup
          key={`mains-${point.readings.length}`}
          kind="readingTaken"
          scope={{ ...scope, what: 'mainsVolts' }}
          fields={[mains]}
        />
        <FieldGroup
          key={`loop-${point.readings.length}`}
          kind="readingTaken"
          scope={{ ...scope, what: 'loopOhms', run: 'toDoor' }}
          fields={[loop]}
        />
      </div>
      <h2>What has been read</h2>
      <table className="plain">
        <thead>
          <tr>
            <th>what</th>
            <th className="n">read</th>
            <th className="n">off by</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {point.readings.map(({ entryId, data }) => {
            const fit = assessment.known.fits.find(({ id }) => id === entryId);
            const span = data.low === data.high ? `${data.low}` : `${data.low} to ${data.high}`;
            return (
              <tr key={entryId}>
                <td>{[data.what, data.at, data.state, data.run].filter(Boolean).join(' · ')}</td>
                <td className="n">{data.report ?? span}</td>
                <td className="n">{fit ? fit.offBy.toFixed(1) : '–'}</td>
                <td>
                  <button
                    type="button"
                    className="button quiet"
                    onClick={() => write('entryStruck', { target: entryId })}
                  >
                    strike
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
