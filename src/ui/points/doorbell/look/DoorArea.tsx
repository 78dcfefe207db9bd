'use client';
import { useSay } from '../../../log/useSay';
import { devicesIn } from '@/core/catalogue';
import { lengthsOf } from '@/core/job';
import { WAS_THERE_FACTS, deviceOf, carriedProfile } from '@/core/points';
import { WALL_FIXINGS, screwFor } from '@/core/mount';
import { capital, lengthText } from '@/core/units';
import { Choices } from '../../../form/Choices';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';

import { AnotherPoint } from '../../../rungs/look/AnotherPoint';
import { ThisPoint } from '../../../rungs/look/ThisPoint';

/** The door: what was there, what is to be fitted, the wall and what holds in it. */
export function DoorArea() {
  const say = useSay();
  const { job, point, kept, catalogue, write } = useDoorbell();
  const devices = devicesIn(catalogue);
  const { look } = kept;
  const lengths = lengthsOf(job);
  const scope = { pointId: point.id };
  const { ask, typed } = useFacts('pointDescribed', scope, { ...look, name: kept.name });
  const device = deviceOf(point);
  const fixing = look.wall ? WALL_FIXINGS[look.wall] : null;
  const screw = look.wall ? screwFor(look.wall, device.plateM, 0, 0, lengths) : null;
  return (
    <section>
      {ask('wasThere')}
      {look.wasThere && WAS_THERE_FACTS[look.wasThere].asksOwnCable && ask('ownCable')}
      {ask('wall')}
      {fixing && screw && (
        <p>
          Bit: {say(fixing.bit)}.{' '}
          {fixing.anchorM > 0 ? `${capital(say(fixing.anchor))}, screw` : `${capital(say(fixing.anchor))}; screw`}{' '}
          <b className="figure">
            {screw.stockM === null ? 'longer than stocked' : lengthText(screw.stockM, lengths, 'small')}
          </b>
          .{fixing.caution && <span className="caution block">{say(fixing.caution)}</span>}
        </p>
      )}
      {ask('even')}
      {look.even === 'no' && (
        <p className="soft">Bring a spacer or a bed of sealant: a plate on an edge rocks and leaks.</p>
      )}
      <Choices
        label="device to fit"
        options={devices.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={device.id}
        onPick={(deviceId) => {
          const asked = devices.find(({ id }) => id === deviceId);
          if (asked) write('pointDescribed', { ...scope, deviceId: asked.id, device: carriedProfile(asked) });
        }}
      />
      <p className="small soft">
        {device.remark} Wants {device.doorFullVolts.toFixed(1)} V at the door, drops out under{' '}
        {device.doorMinVolts.toFixed(1)} V.
      </p>
      <FieldGroup kind="pointDescribed" scope={scope} fields={[typed('name')]} />
      <AnotherPoint />
      <ThisPoint />
    </section>
  );
}
