import sharp from 'sharp';
import { ProblemError } from '@/contract/problem';

/** A picture as it is kept: upright, of a size that a sheet needs, without a word of where and by what it was taken. */
export interface EncodedPhoto {
  readonly bytes: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

export const PHOTO_MEDIA_TYPE = 'image/jpeg';
/** Pictures with more are refused before they are unpacked; phones reach 48 and 50 megapixels. */
export const MOST_PIXELS = 64_000_000;
const LONGEST_SIDE_PX = 2400;
const THUMB_SIDE_PX = 400;
const QUALITY = 82;
/** What cameras and browsers give; vector drawings and the like never reach the decoder. */
const FORMATS = new Set(['jpeg', 'png', 'webp', 'avif', 'heif']);

const refused = (detail: string, cause?: unknown): ProblemError =>
  new ProblemError(422, detail, [{ path: '', message: 'is no picture that can be read here' }], { cause });

const NOT_READ =
  'This is no picture that can be read here, or it is broken. JPEG, PNG and WebP can. Nothing was written.';

/**
 * Reads, turns upright, shrinks and re-encodes a picture; position and camera data are left behind.
 * @throws ProblemError 422 where it is no picture, broken, or of too many pixels
 */
export async function encodePhoto(input: Buffer): Promise<EncodedPhoto> {
  const source = () => sharp(input, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  let format: string | undefined;
  let pixels = 0;
  try {
    const metadata = await sharp(input, { limitInputPixels: false }).metadata();
    format = metadata.format;
    pixels = metadata.width * metadata.height;
  } catch (cause) {
    throw refused(NOT_READ, cause);
  }
  if (!FORMATS.has(format)) throw refused(NOT_READ);
  if (pixels > MOST_PIXELS)
    throw refused(
      `The picture has ${Math.round(pixels / 1e6)} megapixels; ${MOST_PIXELS / 1e6} can be taken. Set the camera lower.`,
    );
  try {
    const { data, info } = await source()
      .autoOrient()
      .resize({ width: LONGEST_SIDE_PX, height: LONGEST_SIDE_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { bytes: data, widthPx: info.width, heightPx: info.height };
  } catch (cause) {
    throw refused(NOT_READ, cause);
  }
}

/**
 * A picture that came with a file, without what its camera wrote beside it: where it was taken, and with what. One that has
 * nothing beside it, and what is no picture, stay as they are.
 * @throws ProblemError 422 where it has, and can’t be written anew
 */
export async function withoutPosition(bytes: Buffer): Promise<Buffer> {
  let beside: boolean;
  try {
    const { format, exif, xmp, iptc } = await sharp(bytes, { limitInputPixels: false }).metadata();
    beside = FORMATS.has(format) && Boolean(exif ?? xmp ?? iptc);
  } catch {
    return bytes;
  }
  return beside ? (await encodePhoto(bytes)).bytes : bytes;
}

/** A small picture of a kept one. */
export const thumbOf = (bytes: Uint8Array): Promise<Buffer> =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS })
    .resize({ width: THUMB_SIDE_PX, height: THUMB_SIDE_PX, fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: QUALITY })
    .toBuffer();
