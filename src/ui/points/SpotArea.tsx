'use client';
import { LADDER_FOOT_SHARE } from '@/core/mount';
import { pointsWords } from '@/words/screens';
import { lengthsOf } from '@/core/job';
import { missingAtLook } from '@/core/points';
import { lengthText } from '@/core/units';
import type { ReactNode } from 'react';
import { FieldGroup } from '../form/FieldGroup';
import { useFacts } from '../form/useFacts';
import { useJob } from '../log/JobContext';
import { AnotherPoint } from '../rungs/look/AnotherPoint';
import { ThisPoint } from '../rungs/look/ThisPoint';

/** From overhead service wires (domain/safety). */
const CLEAR_OF_WIRES_M = 3;

interface Props {
  /** What a kind asks first. */
  readonly children?: ReactNode;
  /** A kind whose feed a switch may turn off asks for it. */
  readonly asksSwitch?: boolean;
}

/** Where a floodlight camera is to hang: on what, how high, and what the ladder needs. */
export function SpotArea({ children, asksSwitch = false }: Props) {
  const { job, kept } = useJob();
  const { look } = kept;
  const lengths = lengthsOf(job);
  const scope = { pointId: kept.id };
  const { ask, typed } = useFacts('pointDescribed', scope, { ...look, name: kept.name });
  const asked = missingAtLook(job, kept)[0]?.id;
  return (
    <section>
      {children}
      {ask('mountedOn')}
      {ask('wall')}
      <FieldGroup
        kind="pointDescribed"
        scope={scope}
        fields={[
          typed('fixtureHeightM', { asked: asked === 'fixtureHeightM' }),
          ...(asksSwitch ? [typed('switchedBy', { hint: pointsWords.hallByTheDoor })] : []),
          typed('name'),
        ]}
      />
      {look.fixtureHeightM !== undefined && (
        <p className="caution">
          {pointsWords.ladderAt14({
            fixtureHeightM: lengthText(look.fixtureHeightM * LADDER_FOOT_SHARE, lengths),
            clearOfWiresM: lengthText(CLEAR_OF_WIRES_M, lengths),
          })}
        </p>
      )}
      <AnotherPoint />
      <ThisPoint />
    </section>
  );
}
