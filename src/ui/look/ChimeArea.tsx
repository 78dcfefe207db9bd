'use client';
import { CHIME_KINDS, CHIME_KIND_WORDS, treatmentsFor } from '@/core/chime';
import { deviceOf, regionOf } from '@/core/job';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

/** The chime: which kind, where, and what can be done with it. What stands on it is asked at Measure. */
export function ChimeArea() {
  const { job, kept, write } = useJob();
  const scope = { pointId: kept.id };
  const { chimeKind, place } = kept.chime;
  const device = deviceOf(kept);
  const ways = treatmentsFor(chimeKind ?? null, regionOf(job).id);
  return (
    <section>
      <Choices
        label="kind of chime: open it and look"
        options={CHIME_KINDS.map((value) => ({ value, words: CHIME_KIND_WORDS[value] }))}
        chosen={chimeKind}
        onPick={(kind) => write('chimeDescribed', { ...scope, chimeKind: kind })}
      />
      <FieldGroup kind="chimeDescribed" scope={scope} fields={[textField('place', 'where the chime is', place)]} />
      {chimeKind && (
        <>
          <p>{ways.length === 1 ? 'One way' : `${ways.length} ways`} with such a chime and this device:</p>
          <ul className="plain-list">
            {ways.map(({ id, name, what, sounds }) => (
              <li key={id}>
                <b>{name}</b>, {what}.{' '}
                <span className={device.forbids[id] ? 'brick' : 'soft'}>
                  {device.forbids[id] ?? (sounds ? 'The chime rings.' : 'The chime is silent.')}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
