import { outboxWords } from '@/words/screens';
import { format } from 'date-fns';
import { outboxFile, outboxOf } from '@/contract/outboxFile';
import { allWaiting } from '../log/allWaiting';
import { nowIso } from '../log/clock';
import { keepMade, madeHere } from '../log/newJobs';
import { keepWaiting } from '../log/shelf';
import { handedPhotos, photoParcels, takePhotos } from '../photo/photoFile';
import { saveText } from './saving';

/**
 * Saves what waits on this device as files: the entries with the first pictures, the other pictures after them.
 * @returns how many files there are, and how many pictures are in none of them
 */
export async function handOver(): Promise<{ readonly files: number; readonly unsigned: number }> {
  const made = new Map((await madeHere()).map(({ jobId, ...one }) => [jobId, one]));
  const entries = new Map((await allWaiting()).map(({ jobId, waiting }) => [jobId, waiting.map(({ entry }) => entry)]));
  const { parcels, unsigned } = await photoParcels();
  const parts = Math.max(parcels.length, entries.size + made.size > 0 ? 1 : 0);
  const day = format(new Date(), 'yyyy-MM-dd');
  for (let part = 1; part <= parts; part++) {
    const photos = await handedPhotos(parcels[part - 1] ?? []);
    const isFirst = part === 1;
    const jobIds = new Set([...(isFirst ? [...made.keys(), ...entries.keys()] : []), ...photos.keys()]);
    const jobs = [...jobIds].map((jobId) => {
      const [one, ofJob] = [made.get(jobId), photos.get(jobId)];
      return {
        jobId,
        // In each of them: whichever is taken in first
        ...(one ? { made: one } : {}),
        entries: isFirst ? (entries.get(jobId) ?? []) : [],
        ...(ofJob ? { photos: ofJob } : {}),
      };
    });
    saveText(outboxFile(jobs, nowIso()), outboxWords.fileName({ day, part, parts }));
  }
  return { files: parts, unsigned };
}

/**
 * Lets what is in such a file wait here.
 * @returns how many entries and pictures came
 * @throws NoOutbox where it is another file; nothing was taken in then
 */
export async function takeIn(file: File): Promise<{ readonly count: number; readonly photos: number }> {
  const handed = outboxOf(await file.text());
  for (const { jobId, made, entries, photos = [] } of handed) {
    if (made) await keepMade({ jobId, ...made });
    for (const [place, entry] of entries.entries()) await keepWaiting(jobId, { entry, place, corrected: 0 });
    await takePhotos(jobId, photos);
  }
  return {
    count: handed.reduce((sum, { entries }) => sum + entries.length, 0),
    photos: handed.reduce((sum, job) => sum + (job.photos?.length ?? 0), 0),
  };
}
