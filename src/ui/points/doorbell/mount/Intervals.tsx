'use client';
import { mountWords } from '@/words/screens';
import { useMemo } from 'react';
import { panInterval, tiltInterval, visitorsOf, type Interval } from '@/core/mount';
import { doorMountOf } from '@/core/points';
import type { useDoorbell } from '../useDoorbell';
import { VISITOR_WORDS } from './visitorWords';

/** Between which tilts and turns everybody and the parcel stay in frame. */
export function Intervals({ point }: { readonly point: ReturnType<typeof useDoorbell>['point'] }) {
  const rows = useMemo(() => {
    const { scene, hangs } = doorMountOf(point);
    return [...visitorsOf(scene), 'parcel' as const].map((what) => ({
      words: what === 'parcel' ? mountWords.parcel : VISITOR_WORDS[what.id],
      tilt: tiltInterval(scene, what, hangs),
      pan: panInterval(scene, what, hangs),
    }));
  }, [point]);
  const text = (interval: Interval | null, less: string, more: string): string =>
    interval
      ? mountWords.interval({
          from: end(interval.fromDeg, less, more),
          to: end(interval.toDeg, less, more),
        })
      : mountWords.never;
  return (
    <details>
      <summary>{mountWords.betweenWhich}</summary>
      <table className="table intervals" data-testid="intervals">
        <thead>
          <tr>
            <th />
            <th scope="col">{mountWords.tilt}</th>
            <th scope="col">{mountWords.turnLookingOut}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ words, tilt, pan }) => (
            <tr key={words}>
              <th scope="row">{words}</th>
              <td className="figure">{text(tilt, mountWords.up, mountWords.down)}</td>
              <td className="figure">{text(pan, mountWords.left, mountWords.right)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

const end = (deg: number, less: string, more: string): string =>
  Math.round(deg) === 0 ? '0°' : `${Math.abs(Math.round(deg))}° ${deg < 0 ? less : more}`;
