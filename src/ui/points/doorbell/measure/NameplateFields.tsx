'use client';
import { figureOf, textOf } from '@/core/catalogue';
import { LIMITS } from '@/core/kinds';
import { hasWiredChime } from '@/core/points';
import { VOLTS, parseVoltAmps } from '@/core/units';
import type { TypedField } from '../../../kit/form/field';
import { FieldGroup } from '../../../kit/form/FieldGroup';
import { figureField, mapped } from '../../../kit/form/fields';
import { Pick } from '../../../kit/form/Pick';
import { useDoorbell } from '../useDoorbell';

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

const NONE_LIKE_IT = { value: '', words: 'take its figures over' } as const;

/** What stands on the transformer and on the chime. */
export function NameplateFields() {
  const { point, kept, catalogue, assessment, write } = useDoorbell();
  const alike = catalogue.chime.filter(({ values }) => values.kind === (point.chime.chimeKind ?? 'mechanical'));
  const scope = { supplyId: kept.hangs.supplyId };
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
      {hasWiredChime(kept) && (
        <>
          <FieldGroup
            kind="chimeDescribed"
            scope={{ chimeId: kept.hangs.chimeId }}
            fields={plateFields(
              { label: 'chime’s volts', shown: kept.chime.ratedVolts, asked: false },
              { label: 'chime’s VA', shown: kept.chime.ratedVa },
              point.chime.ratedVolts,
            )}
          />
          {alike.length > 0 && (
            <Pick
              label="a chime like it, from the catalogue"
              options={[
                NONE_LIKE_IT,
                ...alike.map(({ values }) => ({ value: textOf(values, 'id'), words: textOf(values, 'name') })),
              ]}
              chosen={NONE_LIKE_IT.value}
              onPick={(id) => {
                const values = alike.find((one) => one.values.id === id)?.values;
                if (values)
                  write('chimeDescribed', {
                    chimeId: kept.hangs.chimeId,
                    ratedVolts: figureOf(values, 'ratedVolts'),
                    ratedVa: figureOf(values, 'ratedVa'),
                    coilOhms: values.coilOhms === undefined ? null : figureOf(values, 'coilOhms'),
                  });
              }}
            />
          )}
        </>
      )}
    </>
  );
}
