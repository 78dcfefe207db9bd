'use client';
import { circuitOfPoint, regionOf } from '@/core/job';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

/** Which circuit the transformer hangs on. */
export function CircuitFields() {
  const { keptJob, point, write } = useJob();
  const { words } = regionOf(keptJob);
  const circuit = circuitOfPoint(keptJob.circuits, point.id);
  const others = keptJob.circuits.filter(({ id, name, way }) => id !== circuit?.id && (name ?? way) !== null);
  // One circuit per point until somebody says that two hang on the same
  const circuitId = circuit?.id ?? `of-${point.id}`.slice(0, 64);
  return (
    <>
      <FieldGroup
        kind="circuitListed"
        scope={{ circuitId, ...(circuit ? {} : { feeds: [point.id] }) }}
        fields={[
          {
            ...textField('way', `which ${words.way}`, circuit?.way ?? undefined, { hint: `${words.way} 7` }),
            asked: !circuit,
          },
          textField('name', 'label as written there', circuit?.name ?? undefined, { hint: 'hall lights' }),
        ]}
      />
      {!circuit && others.length > 0 && (
        <Choices
          label="or the same as"
          options={others.map(({ id, name, way }) => ({ value: id, words: [way, name].filter(Boolean).join(' ') }))}
          chosen={undefined}
          onPick={(id) => {
            const other = others.find((one) => one.id === id);
            if (other) write('circuitListed', { circuitId: other.id, feeds: [...other.feeds, point.id] });
          }}
        />
      )}
      <p className="small soft">
        A new {words.way} makes the state “not known” again. The label is a claim until the circuit was proved dead.
      </p>
    </>
  );
}
