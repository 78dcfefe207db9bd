'use client';
import { measureWords } from '@/words/screens';
import { figureOf, textOf } from '@/core/catalogue';
import { hasWiredChime } from '@/core/points';
import { parseVoltAmps } from '@/core/units';
import type { TypedField } from '../../../form/field';
import { FieldGroup } from '../../../form/FieldGroup';
import { mapped } from '../../../form/fields';
import { useFacts } from '../../../form/useFacts';
import { Pick } from '../../../form/Pick';
import { useDoorbell } from '../useDoorbell';

/** VA of a label; amps are asked back. @param volts of the same label, as they are typed */
const voltAmps = (field: TypedField, volts: number | undefined): TypedField<{ readonly ratedVa: number }> => ({
  ...field,
  read: (text) => mapped(parseVoltAmps(text, volts ?? null), (value) => ({ ratedVa: value })),
});

const NONE_LIKE_IT = { value: '', words: measureWords.takeItsFiguresOver } as const;

/** What stands on the transformer and on the chime. */
export function NameplateFields() {
  const { point, kept, catalogue, assessment, write } = useDoorbell();
  const alike = catalogue.chime.filter(({ values }) => values.kind === (point.chime.chimeKind ?? 'mechanical'));
  const scope = { supplyId: kept.hangs.supplyId };
  const chimeScope = { chimeId: kept.hangs.chimeId };
  const plate = useFacts('transformerDescribed', scope, kept.transformer);
  const chime = useFacts('chimeDescribed', chimeScope, kept.chime);
  const { ratedVolts, ratedVa } = kept.transformer;
  const asked = assessment.next()?.id === 'nameplate';
  return (
    <>
      <FieldGroup
        kind="transformerDescribed"
        scope={scope}
        fields={[
          plate.typed('ratedVolts', { asked: asked && ratedVolts === undefined }),
          voltAmps(plate.typed('ratedVa', { asked: asked && ratedVa === undefined }), point.transformer.ratedVolts),
        ]}
      />
      {hasWiredChime(kept) && (
        <>
          <FieldGroup
            kind="chimeDescribed"
            scope={chimeScope}
            fields={[chime.typed('ratedVolts'), voltAmps(chime.typed('ratedVa'), point.chime.ratedVolts)]}
          />
          {alike.length > 0 && (
            <Pick
              label={measureWords.aChimeLikeIt}
              options={[
                NONE_LIKE_IT,
                ...alike.map(({ values }) => ({ value: textOf(values, 'id'), words: textOf(values, 'name') })),
              ]}
              chosen={NONE_LIKE_IT.value}
              onPick={(id) => {
                const values = alike.find((one) => one.values.id === id)?.values;
                if (values)
                  write('chimeDescribed', {
                    ...chimeScope,
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
