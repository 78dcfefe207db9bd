'use client';
import { LIMITS } from '@/core/job';
import { VOLTS, parseVoltAmps } from '@/core/units';
import type { TypedField } from '../kit/form/field';
import { FieldGroup } from '../kit/form/FieldGroup';
import { figureField, mapped } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

/** Volts and VA of a label, each by its own name; amps for VA are asked back. */
function plateFields(
  volts: { readonly label: string; readonly shown: number | undefined; readonly asked: boolean },
  va: { readonly label: string; readonly shown: number | undefined },
  typedVolts: number | undefined,
): readonly TypedField[] {
  const plate = { ...VOLTS, ...LIMITS.nameplateVolts };
  return [
    { ...figureField('ratedVolts', volts.label, plate, volts.shown), asked: volts.asked && volts.shown === undefined },
    {
      name: 'ratedVa',
      label: va.label,
      unit: 'VA',
      figure: true,
      asked: volts.asked && va.shown === undefined,
      shown: va.shown === undefined ? '' : String(va.shown),
      read: (text) => mapped(parseVoltAmps(text, typedVolts ?? null), (value) => ({ ratedVa: value })),
      cleared: { ratedVa: null },
    },
  ];
}

/** What stands on the transformer and on the chime. */
export function NameplateFields() {
  const { point, kept, assessment } = useJob();
  const scope = { pointId: point.id };
  const asked = assessment.next()?.id === 'nameplate';
  return (
    <>
      <FieldGroup
        kind="transformerDescribed"
        scope={scope}
        fields={plateFields(
          { label: 'nameplate volts', shown: kept.transformer.ratedVolts, asked },
          { label: 'nameplate VA', shown: kept.transformer.ratedVa },
          point.transformer.ratedVolts,
        )}
      />
      <FieldGroup
        kind="chimeDescribed"
        scope={scope}
        fields={plateFields(
          { label: 'chime’s volts', shown: kept.chime.ratedVolts, asked: false },
          { label: 'chime’s VA', shown: kept.chime.ratedVa },
          point.chime.ratedVolts,
        )}
      />
    </>
  );
}
