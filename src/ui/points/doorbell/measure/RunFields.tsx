'use client';
import { measureWords } from '@/words/screens';
import { lengthsOf, regionOf } from '@/core/job';
import { LIMITS, type EntryData } from '@/core/kinds';
import type { RunName } from '@/core/bell';
import { gaugeText, lengthText, parseGauge, parseLengthSpan, type Gauge } from '@/core/units';
import { Choices } from '../../../form/Choices';
import type { TypedField } from '../../../form/field';
import { FieldGroup } from '../../../form/FieldGroup';
import { mapped, within } from '../../../form/fields';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';

const WAYS = [
  { value: '2', words: measureWords.thereAndBackIn },
  { value: '1', words: measureWords.oneWayOnlyThe },
] as const;

/** A gauge as it is written here: with its unit only where it is not the one of the place. */
const bareGaugeText = (gauge: Gauge, unit: 'awg' | 'mm2'): string =>
  unit in gauge ? gaugeText(gauge).replace(/ .*/, '') : gaugeText(gauge);

/** One run of bell wire: by length and gauge, in the units of the place. */
export function RunFields({ run, legend }: { readonly run: RunName; readonly legend: string }) {
  const { job, point, kept, assessment, write } = useDoorbell();
  const lengths = lengthsOf(job);
  const { gauge: bareGauge } = regionOf(job);
  const facts = kept.runs[run];
  const scope = run === 'toChime' ? { chimeId: point.hangs.chimeId, run } : { pointId: point.id, run };
  const { ask, typed } = useFacts('runDescribed', scope, facts);
  const { lengthLowM: low, lengthHighM: high, awg, mm2 } = facts;
  const bare = (size: Gauge): string => bareGaugeText(size, bareGauge);
  const next = assessment.next()?.id;
  const asked = next === (run === 'toChime' ? 'loopToChime' : 'loopToDoor');
  const lengthWords = (metres: number): string => lengthText(metres, lengths).replace(/ (m|ft)$/, '');
  const shownLength =
    low === undefined
      ? ''
      : high === undefined || high === low
        ? lengthWords(low)
        : measureWords.to({ lengthWords: lengthWords(low), lengthWords2: lengthWords(high) });
  const length: TypedField<{ readonly lengthLowM: number; readonly lengthHighM: number }> = {
    name: 'length',
    label: measureWords.length,
    figure: true,
    unit: lengths === 'metric' ? 'm' : 'ft',
    asked: asked && low === undefined,
    shown: shownLength,
    read: (text) => {
      const span = parseLengthSpan(text, lengths === 'metric' ? 'm' : 'ft');
      if (!span.ok) return span;
      const bottom = within({ ok: true, value: span.value.low }, LIMITS.runM, (metres) => ({ lengthLowM: metres }));
      if (!bottom.ok) return bottom;
      return within({ ok: true, value: span.value.high }, LIMITS.runM, (metres) => ({
        ...bottom.value,
        lengthHighM: metres,
      }));
    },
    cleared: { lengthLowM: null, lengthHighM: null },
  };
  const gauge: TypedField<Pick<EntryData<'runDescribed'>, 'awg' | 'mm2'>> = {
    name: 'gauge',
    label: measureWords.gauge,
    figure: true,
    unit: bareGauge === 'awg' ? measureWords.aWG : 'mm²',
    asked: asked && awg === undefined && mm2 === undefined,
    shown: awg !== undefined ? bare({ awg }) : mm2 !== undefined ? bare({ mm2 }) : '',
    read: (text) =>
      mapped(parseGauge(text, bareGauge), (size) =>
        'awg' in size ? { awg: size.awg, mm2: null } : { mm2: size.mm2, awg: null },
      ),
    cleared: { awg: null, mm2: null },
  };
  return (
    <section className="run">
      <h3>{legend}</h3>
      <FieldGroup kind="runDescribed" scope={scope} fields={[length, gauge, typed('sparePairs')]} />
      <details>
        <summary>{measureWords.moreAboutThisCable}</summary>
        <FieldGroup kind="runDescribed" scope={scope} fields={[typed('pairs')]} />
        {run === 'toDoor' && <FieldGroup kind="runDescribed" scope={scope} fields={[typed('straightM')]} />}
        {ask('material')}
        <Choices
          label={measureWords.theLoopsTwoWays}
          options={WAYS}
          chosen={facts.conductors === undefined ? undefined : facts.conductors === 1 ? '1' : '2'}
          onPick={(ways) =>
            write('runDescribed', { ...scope, conductors: ways === null ? null : ways === '1' ? 1 : 2 })
          }
        />
      </details>
    </section>
  );
}
