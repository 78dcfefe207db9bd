'use client';
import { lengthsOf } from '@/core/job';
import { LIMITS, MOUNTED_ON } from '@/core/kinds';
import { missingAtLook } from '@/core/points';
import { WALLS, WALL_FIXINGS } from '@/core/mount';
import type { ReactNode } from 'react';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { tapeField, textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';
import { AnotherPoint } from '../rungs/look/AnotherPoint';
import { ThisPoint } from '../rungs/look/ThisPoint';

const ON_WORDS = { wall: 'wall', eave: 'eave', post: 'post' } as const;
/** Ladder at 1:4 (domain/safety): its foot stands a quarter of the height away. */
const FOOT_SHARE = 0.25;

interface Props {
  /** What a kind asks first. */
  readonly children?: ReactNode;
  /** A kind whose feed a switch may turn off asks for it. */
  readonly asksSwitch?: boolean;
}

/** Where a floodlight camera is to hang: on what, how high, and what the ladder needs. */
export function SpotArea({ children, asksSwitch = false }: Props) {
  const { job, kept, write } = useJob();
  const { look } = kept;
  const scope = { pointId: kept.id };
  const lengths = lengthsOf(job);
  const asked = missingAtLook(job, kept)[0]?.id;
  return (
    <section>
      {children}
      <Choices
        label="mounted on"
        options={MOUNTED_ON.map((value) => ({ value, words: ON_WORDS[value] }))}
        chosen={look.mountedOn}
        onPick={(mountedOn) => write('pointDescribed', { ...scope, mountedOn })}
      />
      <Choices
        label="wall"
        options={WALLS.map((value) => ({ value, words: WALL_FIXINGS[value].name }))}
        chosen={look.wall}
        onPick={(wall) => write('pointDescribed', { ...scope, wall })}
      />
      <FieldGroup
        kind="pointDescribed"
        scope={scope}
        fields={[
          {
            ...tapeField(
              'fixtureHeightM',
              'height over the ground',
              lengths,
              look.fixtureHeightM,
              LIMITS.fixtureHeightM,
            ),
            asked: asked === 'fixtureHeightM',
          },
          ...(asksSwitch
            ? [textField('switchedBy', 'switch that turns it off', look.switchedBy, { hint: 'hall, by the door' })]
            : []),
          textField('name', 'name of the point', kept.name),
        ]}
      />
      {look.fixtureHeightM !== undefined && (
        <p className="caution">
          Ladder at 1:4: its foot {(look.fixtureHeightM * FOOT_SHARE).toFixed(1)} m from the wall, firm and dry; 3 m
          clear of overhead wires. Work that needs two hands and lasts is done from a platform.
        </p>
      )}
      <AnotherPoint />
      <ThisPoint />
    </section>
  );
}
