import { array, number, string } from 'yup';
import { said } from '../said';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';
import { RUNGS } from './rungs';
import { exact, oneOf, reference } from './fields';

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

export const PHOTO_FACTS = {
  rung: fact.choice(RUNGS),
  /** Id of the point that it was taken for. */
  pointOf: fact.text(64),
  terminal: fact.choice(PHOTO_TERMINALS),
  caption: fact.text(),
  /** The device or a phone held at the spot before anything is drilled. */
  trial: fact.yes(),
  gone: fact.yes(),
  /** What is drawn on it. Places are shares of its width and height. */
  marks: fact.other(
    array(
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
    (value) => said('marksDrawn', { marks: Array.isArray(value) ? value.length : 0 }),
  ),
} as const;

/** Where a picture belongs, and what is drawn on it. */
export const photoDescribed = exact({ photoId: reference(), ...schemasOf(PHOTO_FACTS) });
