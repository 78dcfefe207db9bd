import { SIGNATURE } from '@/core/kinds';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A line shorter than this share of the field is a dot. */
const LEAST_SHARE = 0.15;

/** So many places, eight characters each at most, are well within what the log takes. */
const MOST_PLACES = 1500;

const within = (value: number, most: number): number => Math.min(most, Math.max(0, Math.round(value)));

/**
 * What a finger drew on a field, as a path on the field that is kept; places that fall on one another are left out.
 * @returns null where it is no more than a dot
 */
export function signaturePath(
  strokes: readonly (readonly Place[])[],
  field: { readonly width: number; readonly height: number },
): string | null {
  const drawn = strokes.map((stroke) =>
    stroke
      .map(({ x, y }): readonly [number, number] => [
        within((x / field.width) * SIGNATURE.width, SIGNATURE.width),
        within((y / field.height) * SIGNATURE.height, SIGNATURE.height),
      ])
      .filter(([x, y], i, all) => i === 0 || x !== all[i - 1]?.[0] || y !== all[i - 1]?.[1]),
  );
  const length = drawn.reduce(
    (sum, places) =>
      sum +
      places.reduce((way, [x, y], i) => {
        const [a, b] = places[i - 1] ?? [x, y];
        return way + Math.hypot(x - a, y - b);
      }, 0),
    0,
  );
  if (length < LEAST_SHARE * SIGNATURE.width) return null;
  // A hand that goes on for long is kept with fewer places, not refused
  const places = drawn.reduce((sum, stroke) => sum + stroke.length, 0);
  const every = Math.max(1, Math.ceil(places / MOST_PLACES));
  return drawn
    .map((stroke) =>
      stroke
        .filter((_, i) => i % every === 0 || i === stroke.length - 1)
        .map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x} ${y}`)
        .join(''),
    )
    .join('');
}
