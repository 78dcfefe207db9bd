'use client';
import { measureWords } from '@/words/screens';
import { LIMITS } from '@/core/kinds';
import { SCREW_PAIRS, type ScrewPair } from '@/core/wiring';
import { VOLTS, VOLT_AMPS, parseFigure, refused, type FigureRule } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { Choices } from '../../../form/Choices';
import type { TypedField } from '../../../form/field';
import { useDoorbell } from '../useDoorbell';

/** Three screws have three pairs; the fourth screw’s are asked for only where there is one. */
const OF_THREE: readonly ScrewPair[] = SCREW_PAIRS.slice(0, 3);
const PLATE: FigureRule = { ...VOLTS, ...LIMITS.nameplateVolts };
const VA: FigureRule = { ...VOLT_AMPS, ...LIMITS.voltAmps };
/** Volts of the outer pair against the sum of the inner ones: what rounding on a label may make. */
const SUM_SHARE = 0.15;

const figureIn = (text: string | undefined, rule: FigureRule): number | null => {
  const read = parseFigure(text ?? '', rule);
  return read.ok ? read.value : null;
};
const told = (words: string) => refused({ code: 'contradicts', words });

/** Volts and VA of one pair; one without the other is asked back. */
function pairFields(
  screws: ScrewPair,
  known: { ratedVolts: number; ratedVa: number } | undefined,
): readonly TypedField[] {
  const volts = measureWords.volts2({ screws });
  const va = `${screws} VA`;
  return [
    {
      name: volts,
      label: volts,
      unit: 'V',
      figure: true,
      optional: true,
      shown: known ? String(known.ratedVolts) : '',
      read: (text, texts) => {
        const read = parseFigure(text, PLATE);
        if (!read.ok) return read;
        if ((texts[va] ?? '').trim() === '') return told(measureWords.theVAOfStand({ screws }));
        const inner = [texts['S1–S2 volts'], texts['S2–S3 volts']].map((one) => figureIn(one, PLATE));
        const [a = null, b = null] = inner;
        if (screws === 'S1–S3' && a !== null && b !== null && Math.abs(read.value - a - b) > SUM_SHARE * (a + b))
          return told(measureWords.s1S3GivesThe({ a: a + b }));
        return { ok: true, value: {} };
      },
      cleared: {},
    },
    {
      name: va,
      label: va,
      unit: 'VA',
      figure: true,
      optional: true,
      shown: known ? String(known.ratedVa) : '',
      read: (text, texts) => {
        const read = parseFigure(text, VA);
        if (!read.ok) return read;
        return (texts[volts] ?? '').trim() === ''
          ? told(measureWords.theVoltsOfAre({ screws }))
          : { ok: true, value: {} };
      },
      cleared: {},
    },
  ];
}

/** A transformer with three screws: each pair’s volts and VA, and which pair the bell wires are on. */
export function TapFields() {
  const { kept, write } = useDoorbell();
  const { taps = [], pair } = kept.transformer;
  const scope = { supplyId: kept.hangs.supplyId };
  const fields = OF_THREE.flatMap((screws) =>
    pairFields(
      screws,
      taps.find((tap) => tap.screws === screws),
    ),
  );
  const keep = (texts: Readonly<Record<string, string>>) => {
    const said = OF_THREE.flatMap((screws) => {
      const ratedVolts = figureIn(texts[`${screws} volts`], PLATE);
      const ratedVa = figureIn(texts[`${screws} VA`], VA);
      return ratedVolts === null || ratedVa === null ? [] : [{ screws, ratedVolts, ratedVa }];
    });
    write('transformerDescribed', {
      ...scope,
      taps: said.length > 0 ? said : null,
      // A pair that the label does not name is not in use
      ...(pair !== undefined && !said.some(({ screws }) => screws === pair) ? { pair: null } : {}),
    });
  };
  return (
    <details className="block-top" open={taps.length > 0}>
      <summary>{measureWords.itHasThreeBell}</summary>
      <p className="soft">{measureWords.eachPairGivesOther}</p>
      <AskForm key={JSON.stringify(taps)} fields={fields} submit={measureWords.keepTheLabel} onTexts={keep} />
      {taps.length > 0 && (
        <Choices
          label={measureWords.theBellWiresAre}
          options={taps.map(({ screws, ratedVolts }) => ({ value: screws, words: `${screws}, ${ratedVolts} V` }))}
          chosen={pair}
          onPick={(picked) => write('transformerDescribed', { ...scope, pair: picked })}
        />
      )}
    </details>
  );
}
