import { array, number, string } from 'yup';
import { LIMITS, TEXT } from '../facts';
import { RUNGS } from './rungs';
import { exact, maybe, oneOf, reference } from './fields';

export const MARK_SHAPES = ['arrow', 'circle', 'label'] as const;
export const PHOTO_TERMINALS = ['Trans', 'Front', 'Rear', 'S1', 'S2', 'S3', 'D1', 'D2'] as const;

const share = () => number().min(0).max(1).defined();

/** A picture that was handed in before: which, how large, and what it shows. */
export const photoAttached = exact({
  photoId: reference(),
  sha256: string()
    .matches(/^[0-9a-f]{64}$/, 'is not a SHA-256')
    .defined(),
  widthPx: number().integer().min(1).max(20_000).defined(),
  heightPx: number().integer().min(1).max(20_000).defined(),
});

/** Where a picture belongs, and what is drawn on it. Places are shares of its width and height. */
export const photoDescribed = exact({
  photoId: reference(),
  rung: maybe.choice(RUNGS),
  pointOf: maybe.text(64),
  terminal: maybe.choice(PHOTO_TERMINALS),
  caption: maybe.text(),
  /** The device or a phone held at the spot before anything is drilled. */
  trial: maybe.yes(),
  gone: maybe.yes(),
  marks: array(
    exact({
      shape: oneOf(MARK_SHAPES),
      fromX: share(),
      fromY: share(),
      toX: share(),
      toY: share(),
      text: string().max(TEXT.short),
    }),
  )
    .max(LIMITS.marks.most)
    .nullable(),
});
