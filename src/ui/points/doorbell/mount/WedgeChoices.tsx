'use client';
import { mountWords } from '@/words/screens';
import { wedgesIn, type Wedge } from '@/core/catalogue';
import { sidesAt, tiltsAt, type DoorHangs, type DoorScene } from '@/core/mount';
import { Choices } from '../../../form/Choices';
import { Several } from '../../../form/Several';
import { useDoorbell } from '../useDoorbell';

/** A tilt in words: its angle and where its thick end goes. */
export const tiltWords = (deg: number): string =>
  deg === 0
    ? mountWords.none
    : deg > 0
      ? mountWords.thickEndUp({ deg })
      : mountWords.thickEndDown({ deg: Math.abs(deg) });

/** A turn in words, as somebody says it who faces the wall. */
export const sideWords = (deg: number): string =>
  deg === 0
    ? mountWords.none
    : deg > 0
      ? mountWords.thickSideRight({ deg })
      : mountWords.thickSideLeft({ deg: Math.abs(deg) });

/** None first, then the flattest. */
const inOrder = (degs: readonly number[]): readonly number[] =>
  [...degs].sort((a, b) => Math.abs(a) - Math.abs(b) || b - a);

const keyOf = ({ axis, deg, thinM }: Wedge): string => `${axis}-${deg}-${thinM}`;
const nameOf = ({ axis, deg }: Wedge): string =>
  axis === 'tilt' ? mountWords.tiltWedgeOf({ deg }) : mountWords.sideWedgeOf({ deg });

interface Props {
  readonly scene: DoorScene;
  readonly hangs: DoorHangs;
  readonly onTilt: (deg: number | null) => void;
  readonly onSide: (deg: number | null) => void;
}

/** Which wedges are at hand, and which of them it hangs on. */
export function WedgeChoices({ scene, hangs: { tiltDeg, sideDeg }, onTilt, onSide }: Props) {
  const { kept, catalogue, write } = useDoorbell();
  const { mount } = kept;
  const held = scene.wedges;
  const all = [...new Map([...wedgesIn(catalogue), ...held].map((one) => [keyOf(one), one])).values()];
  const options = (degs: readonly number[], now: number, words: (deg: number) => string) =>
    inOrder([...new Set([...degs, now])]).map((deg) => ({ value: String(deg), words: words(deg) }));
  return (
    <>
      <Several
        label={mountWords.wedgesAtHand}
        options={all.map((one) => ({ value: keyOf(one), words: nameOf(one) }))}
        chosen={held.map(keyOf)}
        onChange={(chosen) =>
          write('approachDescribed', {
            pointId: kept.id,
            wedges: all.filter((one) => chosen?.includes(keyOf(one))),
          })
        }
      />
      <Choices
        label={mountWords.tiltWedge2}
        options={options(tiltsAt(scene), tiltDeg, tiltWords)}
        chosen={mount.tiltDeg === undefined ? undefined : String(tiltDeg)}
        onPick={(value) => onTilt(value === null ? null : Number(value))}
      />
      <Choices
        label={mountWords.sideWedge}
        options={options(sidesAt(scene), sideDeg, sideWords)}
        chosen={mount.sideDeg === undefined ? undefined : String(sideDeg)}
        onPick={(value) => onSide(value === null ? null : Number(value))}
      />
    </>
  );
}
