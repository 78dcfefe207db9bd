import sharp from 'sharp';
import { JPEG_ADDRESS, MOST_PICTURES, PAPER_JPEG_QUALITY, paperSidePx, type PaperPicture } from '@/contract/papers';
import type { Job } from '@/core/job';
import { readPhoto } from '../photos/photoStore';
import type { Store } from '../storeOf';

/** The pictures of a job as its papers need them: one after the other, so that one of them is in memory whole. */
export async function paperPictures(store: Store, job: Job): Promise<readonly PaperPicture[]> {
  const names = [...new Set(job.photos.map(({ sha256 }) => sha256))].slice(0, MOST_PICTURES);
  const side = paperSidePx(names.length);
  const made: PaperPicture[] = [];
  for (const sha256 of names) {
    try {
      const { bytes } = await readPhoto(store, job.id, sha256, 'whole');
      const jpeg = await sharp(bytes)
        .resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .jpeg({ quality: PAPER_JPEG_QUALITY, mozjpeg: true })
        .toBuffer();
      made.push([sha256, `${JPEG_ADDRESS}${jpeg.toString('base64')}`]);
    } catch {
      // One that can’t be read has its place and its words on paper, as one that is not at hand
    }
  }
  return made;
}
