'use client';
import { doorLookWords } from '@/words/screens';
import { useSay } from '../../../log/useSay';
import { forbiddenWhy } from '@/core/advice';
import { treatmentsFor } from '@/core/chime';
import { regionOf } from '@/core/job';
import { carriedProfile, chimeKindOf, surveyOf } from '@/core/points';
import { devicesIn } from '@/core/catalogue';
import { capital } from '@/core/units';
import { Choices } from '../../../form/Choices';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';

/** The chime: which kind, where, and what can be done with it. What stands on it is asked at Measure. */
export function ChimeArea() {
  const say = useSay();
  const { job, kept } = useDoorbell();
  const scope = { chimeId: kept.hangs.chimeId };
  const { ask, typed } = useFacts('chimeDescribed', scope, kept.chime);
  const { chimeKind } = kept.chime;
  const survey = surveyOf(job, kept);
  const ways = treatmentsFor(chimeKind ?? null, regionOf(job).id);
  return (
    <section>
      {ask('chimeKind')}
      <FieldGroup kind="chimeDescribed" scope={scope} fields={[typed('place')]} />
      {(chimeKindOf(kept) ?? 'mechanical') === 'mechanical' && <OnTheScrews />}
      {chimeKind && (
        <>
          <p>
            {doorLookWords.withSuchAChime({
              oneWay: ways.length === 1 ? doorLookWords.oneWay : doorLookWords.ways({ ways: ways.length }),
            })}
          </p>
          <ul className="plain-list">
            {ways.map((way) => {
              const forbidden = forbiddenWhy(survey, survey.device, way, false);
              return (
                <li key={way.id}>
                  <b>{say(way.name)}</b>, {say(way.what)}.{' '}
                  <span className={forbidden ? 'brick' : 'soft'}>
                    {forbidden
                      ? `${capital(say(forbidden))}.`
                      : way.sounds
                        ? doorLookWords.theChimeRings
                        : doorLookWords.theChimeIsSilent}
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

/** What else hangs on the chime’s screws: a second chime, a rear door; each changes the circuit. */
function OnTheScrews() {
  const { kept, catalogue, write } = useDoorbell();
  const devices = devicesIn(catalogue);
  const scope = { chimeId: kept.hangs.chimeId };
  const { ask, typed } = useFacts('chimeDescribed', scope, kept.chime);
  const { rear, rearDeviceId } = kept.chime;
  return (
    <>
      <div className="halves choice-rows">
        {ask('secondChime')}
        {ask('rear', (answer) => answer !== 'device' || rear === 'device')}
      </div>
      {rear !== 'device' && <p className="small soft">{doorLookWords.aDoorbellAtThe}</p>}
      {rear === 'device' && (
        <>
          <p>{doorLookWords.itSharesTheTransformer}</p>
          <Choices
            label={doorLookWords.whichDoorbellAtThe}
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
          <FieldGroup kind="chimeDescribed" scope={scope} fields={[typed('rearRunM')]} />
        </>
      )}
    </>
  );
}
