'use client';
import { LIMITS, readingProblem, type EntryData, type TakenReading } from '@/core/job';
import { OHMS, VOLTS, parseSpan, parseVoltAmps, parsed, refused, type FigureRule } from '@/core/units';
import type { TypedField } from '../kit/form/field';
import { FieldGroup } from '../kit/form/FieldGroup';
import { figureField, mapped } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

type Scope = Omit<EntryData<'readingTaken'>, 'low' | 'high'>;

/** A field that takes one new reading, a figure or a range, and refuses one that can't be true beside the others. */
const readingField = (
  name: string,
  label: string,
  rule: FigureRule,
  scope: Scope,
  standing: readonly TakenReading[],
): TypedField => ({
  name,
  label,
  unit: rule.unit,
  figure: true,
  shown: '',
  read: (text) => {
    const span = parseSpan(text, rule);
    if (!span.ok) return span;
    const { low, high } = span.value;
    const words = readingProblem({ ...scope, low, high }, standing);
    return words === null ? parsed({ low, high }) : refused({ code: 'contradicts', words });
  },
  cleared: {},
});

const bellVolts: FigureRule = { ...VOLTS, ...LIMITS.bellVolts };
const loopOhms: FigureRule = { ...OHMS, ...LIMITS.loopOhms, zeroAllowed: true };

/** What can be read at a transformer, as fields: each entry moves the verdict while it is typed. */
export function MeasureFields() {
  const { entries, who, point, kept, assessment, write } = useJob();
  // A field empties when its reading is kept; what is only typed must not count
  const taken = entries.filter(({ kind, by }) => kind === 'readingTaken' && by.id === who?.id).length;
  const { ratedVolts, ratedVa } = kept.transformer;
  const scope = { pointId: point.id };
  const va: TypedField = {
    name: 'ratedVa',
    label: 'nameplate VA',
    unit: 'VA',
    figure: true,
    shown: ratedVa === undefined ? '' : String(ratedVa),
    read: (text) => mapped(parseVoltAmps(text, point.transformer.ratedVolts ?? null), (value) => ({ ratedVa: value })),
    cleared: { ratedVa: null },
  };
  const plateVolts = figureField('ratedVolts', 'nameplate volts', { ...VOLTS, ...LIMITS.nameplateVolts }, ratedVolts);
  const readings: readonly (readonly [string, string, FigureRule, Scope])[] = [
    ['open', 'open volts, transformer', bellVolts, { ...scope, what: 'volts', at: 'transformer', state: 'open' }],
    ['live', 'volts at the door, live by day', bellVolts, { ...scope, what: 'volts', at: 'door', state: 'liveDay' }],
    ['mains', 'mains volts', { ...VOLTS, ...LIMITS.mainsVolts }, { ...scope, what: 'mainsVolts' }],
    ['toChime', 'loop ohms to the chime', loopOhms, { ...scope, what: 'loopOhms', run: 'toChime' }],
    ['toDoor', 'loop ohms to the door', loopOhms, { ...scope, what: 'loopOhms', run: 'toDoor' }],
    ['coil', 'chime coil ohms', { ...OHMS, ...LIMITS.coilOhms }, { ...scope, what: 'coilOhms' }],
  ];
  return (
    <>
      <FieldGroup legend="Nameplate" kind="transformerDescribed" scope={scope} fields={[plateVolts, va]} />
      <h2>New readings</h2>
      <div className="fields">
        {readings.map(([name, label, rule, data]) => (
          <FieldGroup
            key={`${name}-${taken}`}
            kind="readingTaken"
            scope={data}
            fields={[readingField(name, label, rule, data, kept.readings)]}
          />
        ))}
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
