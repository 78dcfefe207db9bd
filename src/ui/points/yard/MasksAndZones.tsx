import { yardWords } from '@/words/screens';
import type { ShapeKind } from '@/core/site';
import type { Mask, Zone } from '@/core/yard';
import { maskLetter, percentText } from './yardText';

interface Props {
  readonly masks: readonly Mask[];
  readonly zones: readonly Zone[];
  readonly name: (what: string) => string;
}

const percentOf = (share: number): string => (share < 0.01 ? '<1 %' : percentText(share));
const corners = ({ left, top, right, foot }: Pick<Mask, 'left' | 'top' | 'right' | 'foot'>) => ({
  left: Math.floor(left),
  top: Math.floor(top),
  right: Math.ceil(right),
  foot: Math.ceil(foot),
});

/** What is nobody’s business and has to be masked, and where in the picture each target is looked out for: to be copied into the phone. */
export function MasksAndZones({ masks, zones, name }: Props) {
  const shareOf = (what: ShapeKind): number =>
    masks.reduce((sum, { area, share }) => (area.what === what ? sum + share : sum), 0);
  return (
    <>
      {masks.length > 0 && (
        <section data-testid="masks">
          <h3>
            {yardWords.masksToCopy} <span className="small soft">{yardWords.masksUnit}</span>
          </h3>
          <p>
            {(['street', 'garden', 'window'] as const)
              .filter((what) => shareOf(what) > 0)
              .map((what) => yardWords.shareOf({ what: name(what), percent: percentOf(shareOf(what)) }))
              .join(' ')}
          </p>
          <ul className="plain-list figure">
            {masks.map((mask, i) => (
              <li key={mask.area.id}>
                {yardWords.mask({ letter: maskLetter(i), what: name(mask.area.what), ...corners(mask) })}
              </li>
            ))}
          </ul>
        </section>
      )}
      {zones.length > 0 && (
        <section data-testid="zones">
          <h3>
            {yardWords.zonesToCopy} <span className="small soft">{yardWords.masksUnit}</span>
          </h3>
          <ul className="plain-list figure">
            {zones.map((zone, i) => (
              <li key={zone.target.id}>
                {yardWords.mask({ letter: String(i + 1), what: name(zone.target.what), ...corners(zone) })}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
