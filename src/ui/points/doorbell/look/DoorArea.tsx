'use client';
import { doorLookWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
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
  const screw = look.wall ? screwFor(look.wall, device.plateM, [], lengths) : null;
  return (
    <section>
      {ask('wasThere')}
      {look.wasThere && WAS_THERE_FACTS[look.wasThere].asksOwnCable && ask('ownCable')}
      {ask('wall')}
      {fixing && screw && (
        <p>
          <Filled
            parts={doorLookWords.bit<ReactNode>({
              bit: say(fixing.bit),
              anchor:
                fixing.anchorM > 0
                  ? doorLookWords.screw({ anchor: capital(say(fixing.anchor)) })
                  : doorLookWords.screw2({ anchor: capital(say(fixing.anchor)) }),
              longerThanStocked: (
                <b className="figure">
                  {screw.stockM === null ? doorLookWords.longerThanStocked : lengthText(screw.stockM, lengths, 'small')}
                </b>
              ),
              caution: fixing.caution && <span className="caution block">{say(fixing.caution)}</span>,
            })}
          />
        </p>
      )}
      {ask('even')}
      {look.even === 'no' && <p className="soft">{doorLookWords.bringASpacerOr}</p>}
      <Choices
        label={doorLookWords.deviceToFit}
        options={devices.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={device.id}
        onPick={(deviceId) => {
          const asked = devices.find(({ id }) => id === deviceId);
          if (asked) write('pointDescribed', { ...scope, deviceId: asked.id, device: carriedProfile(asked) });
        }}
      />
      <p className="small soft">
        {doorLookWords.wantsVAtThe({
          remark: device.remark,
          doorFullVolts: device.doorFullVolts.toFixed(1),
          doorMinVolts: device.doorMinVolts.toFixed(1),
        })}
      </p>
      <FieldGroup kind="pointDescribed" scope={scope} fields={[typed('name')]} />
      <AnotherPoint />
      <ThisPoint />
    </section>
  );
}
