'use client';
import { DEVICES } from '@/core/catalogue';
import { WAS_THERE, deviceOf, lengthsOf, missingAtLook, plateSurveyOf } from '@/core/job';
import { LIMITS } from '@/core/job';
import { WALLS, WALL_FIXINGS, platePlace, screwFor } from '@/core/mount';
import { lengthText } from '@/core/units';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { tapeField, textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';
import { PlateDrawing } from './PlateDrawing';

const WAS_WORDS = { button: 'a button', videoDoorbell: 'a video doorbell', nothing: 'nothing' } as const;

/** The door: what was there, the wall, and where the plate can sit. */
export function DoorFields() {
  const { job, point, kept, write } = useJob();
  const { look } = kept;
  const lengths = lengthsOf(job);
  const scope = { pointId: point.id };
  const device = deviceOf(point);
  const asked = new Set(missingAtLook(kept).map(({ id }) => id));
  const survey = plateSurveyOf(point);
  const place = platePlace(survey);
  const fixing = look.wall ? WALL_FIXINGS[look.wall] : null;
  const screw = look.wall ? screwFor(look.wall, device.plateM, 0, 0, lengths) : null;
  return (
    <section>
      <h2>Door</h2>
      <FieldGroup kind="pointDescribed" scope={scope} fields={[textField('name', 'name of the point', kept.name)]} />
      <Choices
        label="what was there before"
        options={WAS_THERE.map((value) => ({ value, words: WAS_WORDS[value] }))}
        chosen={look.wasThere}
        onPick={(wasThere) => write('pointDescribed', { ...scope, wasThere })}
      />
      <Choices
        label="device to fit"
        options={DEVICES.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={device.id}
        onPick={(deviceId) => deviceId && write('pointDescribed', { ...scope, deviceId })}
      />
      <p className="small soft">
        {device.remark} Wants {device.doorFullVolts.toFixed(1)} V at the door, drops out under{' '}
        {device.doorMinVolts.toFixed(1)} V.
      </p>
      <Choices
        label="wall"
        options={WALLS.map((value) => ({ value, words: WALL_FIXINGS[value].name }))}
        chosen={look.wall}
        onPick={(wall) => write('pointDescribed', { ...scope, wall })}
      />
      {fixing && screw && (
        <p>
          Bit: {fixing.bit}.{' '}
          {fixing.anchorM > 0 ? `${capital(fixing.anchor)}, screw` : `${capital(fixing.anchor)}; screw`}{' '}
          <b className="figure">
            {screw.stockM === null ? 'longer than stocked' : lengthText(screw.stockM, lengths, 'small')}
          </b>
          .{fixing.caution && <span className="caution block">{fixing.caution}</span>}
        </p>
      )}
      <h2>Where the plate can sit</h2>
      <div className="split">
        <FieldGroup
          kind="pointDescribed"
          scope={scope}
          fields={[
            {
              ...tapeField('leadReachM', 'lead reaches out of the hole', lengths, look.leadReachM),
              asked: asked.has('leadReachM'),
            },
            tapeField('holeHeightM', 'hole over standing ground', lengths, look.holeHeightM, LIMITS.heightM),
            tapeField('oldMarksM', 'old holes and stain, height', lengths, look.oldMarksM),
            tapeField('sideClearM', 'free wall to the nearer side', lengths, look.sideClearM),
          ]}
        />
        {place ? (
          <PlateDrawing place={place} survey={survey} lengths={lengths} />
        ) : (
          <p className="soft">Pull the lead and measure its reach: the drawing shows what is left of the wall.</p>
        )}
      </div>
    </section>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
