import { number, string } from 'yup';
import type { OwnItem } from '@/core/catalogue';
import { regionOf, type Job } from '@/core/job';
import { labelsOf, pointsForLicence } from '@/core/points';
import { SHEET_SIZES, type SheetSize } from '@/core/region';
import { exact } from './exact';

/** What can be printed of a job, each a document of its own. */
export const PAPERS = ['customer', 'job', 'labels', 'electrician'] as const;
export type PaperName = (typeof PAPERS)[number];

/** What labels are printed on: a roll of 62 mm, or a sheet of 21. */
export const LABEL_SUPPLIES = ['roll62', 'sheet21'] as const;
export type LabelSupply = (typeof LABEL_SUPPLIES)[number];
export const LABELS_ON_A_SHEET = 21;

/** Request of GET /api/v1/jobs/{id}/papers/{paper}: how it is printed. What is not said follows the job’s region. */
export const paperQuery = exact({
  size: string().oneOf(SHEET_SIZES),
  labels: string().oneOf(LABEL_SUPPLIES),
  first: number().integer().min(1).max(LABELS_ON_A_SHEET),
});

/** A document that is asked for. */
export interface PaperAsked {
  readonly paper: PaperName;
  readonly size: SheetSize;
  readonly labels: LabelSupply;
  /** Of a sheet of labels: the first that is still on it, from 1. */
  readonly firstLabel: number;
}

/** How papers are printed where nobody says otherwise: on what printers take at that place. */
export const usualPaper = (job: Job): Omit<PaperAsked, 'paper'> => ({
  size: regionOf(job).sheet,
  labels: 'roll62',
  firstLabel: 1,
});

/** Whether a paper would have nothing on it: no label without a point, no electrician’s sheet without work for a licence. */
export const isEmptyPaper = (job: Job, paper: PaperName): boolean =>
  (paper === 'electrician' && pointsForLicence(job).length === 0) || (paper === 'labels' && labelsOf(job).length === 0);

/** What a document is made of. Nothing else is asked for while it is set: neither a clock nor a network. */
export interface PaperSource {
  /** The job’s log as JSON: its head and its entries. */
  readonly log: string;
  readonly asked: PaperAsked;
  readonly printedAt: string;
  /** Address under which the program is reached, without a slash behind it. */
  readonly root: string;
  /** What the firm has in its catalogue beside what ships: of a way that is only proposed the parts are out of it. */
  readonly own: readonly OwnItem[];
}

/** A picture of a document by its hash: a JPEG as small as paper needs, as `data:` address. */
export type PaperPicture = readonly [sha256: string, address: string];
export const JPEG_ADDRESS = 'data:image/jpeg;base64,';

/** So many pictures are printed at most; those after them are named. */
export const MOST_PICTURES = 60;
/** What all pictures of a document may weigh together, so that it can be sent: a megabyte, less what is written. */
const ALL_PICTURES_BYTES = 700_000;
/** Bytes of a square pixel in a JPEG of that quality, on the generous side. */
const BYTES_PER_PIXEL = 0.15;
const SIDES_PX = { least: 200, most: 800 } as const;
export const PAPER_JPEG_QUALITY = 60;

/** The longer side that pictures of a document have, px: the more there are, the smaller. */
export function paperSidePx(pictures: number): number {
  const side = Math.sqrt(ALL_PICTURES_BYTES / Math.max(1, pictures) / BYTES_PER_PIXEL / 0.75);
  return Math.round(Math.min(SIDES_PX.most, Math.max(SIDES_PX.least, side)));
}
