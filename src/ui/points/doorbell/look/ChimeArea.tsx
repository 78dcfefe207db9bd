'use client';
import { forbiddenWhy } from '@/core/advice';
import { CHIME_KINDS, CHIME_KIND_WORDS, treatmentsFor } from '@/core/chime';
import { lengthsOf, regionOf } from '@/core/job';
import { REAR_DOORS } from '@/core/kinds';
import { carriedProfile, chimeKindOf, surveyOf } from '@/core/points';
import { devicesIn } from '@/core/catalogue';
import { Choices } from '../../../kit/form/Choices';
import { FieldGroup } from '../../../kit/form/FieldGroup';
import { cableField, textField } from '../../../kit/form/fields';
import { useDoorbell } from '../useDoorbell';

/** The chime: which kind, where, and what can be done with it. What stands on it is asked at Measure. */
export function ChimeArea() {
  const { job, kept, write } = useDoorbell();
  const scope = { chimeId: kept.hangs.chimeId };
  const { chimeKind, place } = kept.chime;
  const survey = surveyOf(job, kept);
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
      {(chimeKindOf(kept) ?? 'mechanical') === 'mechanical' && <OnTheScrews />}
      {chimeKind && (
        <>
          <p>{ways.length === 1 ? 'One way' : `${ways.length} ways`} with such a chime and this device:</p>
          <ul className="plain-list">
            {ways.map((way) => {
              const forbidden = forbiddenWhy(survey, survey.device, way, false);
              return (
                <li key={way.id}>
                  <b>{way.name}</b>, {way.what}.{' '}
                  <span className={forbidden ? 'brick' : 'soft'}>
                    {forbidden ?? (way.sounds ? 'The chime rings.' : 'The chime is silent.')}
                  </span>
                </li>
              );
            })}
          </ul>
        </>
      )}
    </section>
  );
}

const REAR_WORDS = { none: 'nothing on Rear', button: 'a button', device: 'a doorbell of its own' } as const;

/** What else hangs on the chime’s screws: a second chime, a rear door; each changes the circuit. */
function OnTheScrews() {
  const { job, kept, catalogue, write } = useDoorbell();
  const devices = devicesIn(catalogue);
  const scope = { chimeId: kept.hangs.chimeId };
  const { secondChime, rear, rearDeviceId, rearRunM } = kept.chime;
  const lengths = lengthsOf(job);
  return (
    <>
      <div className="halves choice-rows">
        <Choices
          label="a second chime: two wires under Trans and Front"
          options={[
            { value: 'no', words: 'no' },
            { value: 'yes', words: 'yes' },
          ]}
          chosen={secondChime}
          onPick={(value) => write('chimeDescribed', { ...scope, secondChime: value })}
        />
        <Choices
          label="the rear door"
          options={REAR_DOORS.filter((value) => value !== 'device' || rear === 'device').map((value) => ({
            value,
            words: REAR_WORDS[value],
          }))}
          chosen={rear}
          onPick={(value) => write('chimeDescribed', { ...scope, rear: value })}
        />
      </div>
      {rear !== 'device' && (
        <p className="small soft">
          A doorbell at the rear door is a door of its own: add it under Door, “another door at this site”.
        </p>
      )}
      {rear === 'device' && (
        <>
          <p>It shares the transformer: both doors are worked out together, in the same state.</p>
          <Choices
            label="which doorbell at the rear door"
            options={devices.map(({ id, name }) => ({ value: id, words: name }))}
            chosen={rearDeviceId}
            onPick={(value) => {
              const asked = devices.find(({ id }) => id === value);
              write('chimeDescribed', {
                ...scope,
                rearDeviceId: asked?.id ?? null,
                rearDevice: asked ? carriedProfile(asked) : null,
              });
            }}
          />
          <FieldGroup
            kind="chimeDescribed"
            scope={scope}
            fields={[cableField('rearRunM', 'wire from the chime to the rear door', lengths, rearRunM)]}
          />
        </>
      )}
    </>
  );
}
