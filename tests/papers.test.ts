import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { renderToBuffer } from '@react-pdf/renderer';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import sharp from 'sharp';
import { coveredRanges, facesAt } from '@/cli/coveredRanges';
import { inkRules } from '@/cli/inkRules';
import {
  isEmptyPaper,
  JPEG_ADDRESS,
  MOST_PICTURES,
  PAPERS,
  paperSidePx,
  usualPaper,
  type PaperAsked,
  type PaperPicture,
} from '@/contract/papers';
import { DRAWS_WHILE_TYPING } from '@/core/bell';
import { fold, placeOf } from '@/core/job';
import { SHELVES, catalogueWith, type OwnItem } from '@/core/catalogue';
import type { Entry } from '@/core/kinds';
import { assess, labelsOf, pointsForLicence } from '@/core/points';
import { demoJobs } from '@/demo/demoFirm';
import { documentOf } from '@/papers/documentOf';
import { legible, registerFaces } from '@/papers/faces';
import { inked, inkOf } from '@/papers/ink';
import { svgDrawings } from '@/papers/svgDrawings';
import { sayIn } from '@/words';
import { parseDocument } from 'htmlparser2';
import type { Element } from 'domhandler';

const root = process.cwd();
const face = (file: string): string => path.join(root, 'node_modules/@expo-google-fonts', file);
registerFaces({
  regular: face('atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
  bold: face('atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
  mono: face('jetbrains-mono/400Regular/JetBrainsMono_400Regular.ttf'),
  monoBold: face('jetbrains-mono/700Bold/JetBrainsMono_700Bold.ttf'),
});

let count = 0;
const newId = () => `00000000-0000-7000-8000-${String(++count).padStart(12, '0')}`;
const day = (days: number, hour: number) => Date.UTC(2026, 2, 10 + days, hour);
const jobs = new Map(demoJobs(newId, day).map(({ title, entries }) => [title, entries]));
const PRINTED = '2026-03-12T09:30:00.000Z';

function opened(title: string, more: readonly Entry[] = []) {
  const entries = [...(jobs.get(title) ?? []), ...more];
  const head = { id: 'a-job', title, createdAt: PRINTED };
  return { job: fold(head, entries), log: JSON.stringify({ head, entries }) };
}

interface Read {
  readonly pages: readonly string[];
  readonly text: string;
  readonly size: readonly number[];
  readonly bytes: number;
}

/** A document set from a log, and read back by a reader of another house. */
async function printed(
  title: string,
  asked: Partial<PaperAsked> & Pick<PaperAsked, 'paper'>,
  {
    pictures = [],
    more = [],
    own = [],
  }: { pictures?: readonly PaperPicture[]; more?: readonly Entry[]; own?: readonly OwnItem[] } = {},
): Promise<Read> {
  const { job, log } = opened(title, more);
  const source = {
    log,
    asked: { ...usualPaper(job), ...asked },
    printedAt: PRINTED,
    root: 'https://ladder.example',
    own,
  };
  const made = await renderToBuffer(documentOf(source, new Map(pictures)));
  const pdf = await getDocument({ data: new Uint8Array(made), isEvalSupported: false, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    pages.push(
      items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replace(/\s+/g, ' '),
    );
  }
  const { view } = await pdf.getPage(1);
  return { pages, text: pages.join(' '), size: view.slice(2).map(Math.round), bytes: made.length };
}

describe('a job sheet as PDF', () => {
  it('says of a doorbell what its log and its judgement say, figures and all', async () => {
    const { job } = opened('Sandpiper House');
    const [point] = job.points;
    if (point?.kind !== 'doorbell') throw new Error('no doorbell');
    const { text, pages } = await printed('Sandpiper House', { paper: 'job' });
    const { governing, belief, marginVolts } = assess(job, point).reference.judgement;
    expect(governing).not.toBe('');
    expect(text).toContain(`margin +${marginVolts.toFixed(1)} V`);
    expect(belief).toBeGreaterThan(0.99);
    for (const { data } of point.readings)
      if (data.low !== undefined) expect(text).toContain(`${data.low} ${data.what === 'coilOhms' ? 'Ω' : 'V'}`);
    expect(text).toContain('0 / 0.2 / 0 V');
    expect(text.indexOf('Sandpiper House')).toBeLessThan(text.indexOf('Front door'));
    expect(text.indexOf('As found')).toBeLessThan(text.indexOf('As built'));
    pages.forEach((page, i) => expect(page).toContain(`page ${i + 1} of ${pages.length}`));
  });
  // Nothing was chosen at that door yet: what it needs is proposed out of the catalogue
  it('proposes what the firm fits, as the job’s page does', async () => {
    const weak = SHELVES.transformer.shipped.map((values): OwnItem => ({
      shelf: 'transformer',
      values: { ...values, ratedVa: 8 },
    }));
    const proposed = 'what leads so far: DIN-rail 24 V 24 VA';
    const shipped = await printed('Turnstone Lodge', { paper: 'job' });
    const own = await printed('Turnstone Lodge', { paper: 'job' }, { own: weak });
    expect(shipped.text).toContain(proposed);
    expect(own.text).not.toContain(proposed);
    // Word for word, also where two ways are as good as each other
    const { job } = opened('Turnstone Lodge');
    const [point] = job.points;
    if (!point) throw new Error('no door');
    const { reference } = assess(job, point, DRAWS_WHILE_TYPING, catalogueWith(weak));
    expect(own.text).toContain(sayIn(placeOf(job))(reference.words));
  });
  it('speaks as the place does, on what its printers take', async () => {
    const here = await printed('Fulmar Mews', { paper: 'job' });
    const there = await printed('Sandpiper House', { paper: 'job' });
    expect([here.size, there.size]).toEqual([
      [595, 842],
      [612, 792],
    ]);
    expect(here.text).toContain('consumer unit');
    expect(here.text).not.toContain('breaker panel');
    expect(there.text).toContain('breaker panel');
    expect((await printed('Fulmar Mews', { paper: 'job', size: 'LETTER' })).size).toEqual([612, 792]);
  });
  it('tells what failed or is open before anything else of a point', async () => {
    const { text } = await printed('Fulmar Mews', { paper: 'job' });
    expect(text.indexOf('As it hangs the gate is missed')).toBeGreaterThan(text.indexOf('Court'));
    expect(text.indexOf('As it hangs the gate is missed')).toBeLessThan(text.indexOf('How to switch it off'));
  });
  it('stays under a megabyte with forty photos, and names those it has no room for', async () => {
    const [entry] = jobs.get('Sandpiper House') ?? [];
    if (!entry) throw new Error('no job');
    const side = paperSidePx(40);
    const size = { width: side, height: Math.round(side * 0.75), channels: 3 as const };
    // As rich in detail as a photo of gravel: no two alike
    const pictureOf = (seed: number) =>
      sharp(
        Buffer.from(Array.from({ length: size.width * size.height * 3 }, (_, i) => ((i + seed) * 2654435761) >>> 24)),
        {
          raw: size,
        },
      )
        .blur(1)
        .jpeg({ quality: 60 })
        .toBuffer();
    const names = Array.from({ length: MOST_PICTURES + 2 }, (_, i) => String(i).padStart(64, '0'));
    const more = names.flatMap((sha256, i): Entry[] => {
      const photoId = `photo-${i}`;
      const of = (kind: string, data: object) =>
        ({ ...entry, id: newId(), kind, data: { photoId, ...data } }) as unknown as Entry;
      return [
        of('photoAttached', { sha256, widthPx: 800, heightPx: 600 }),
        of('photoDescribed', { caption: `picture ${i}` }),
      ];
    });
    const jpegs = await Promise.all(names.slice(0, 40).map((_, i) => pictureOf(7 * i)));
    const forty = jpegs.map((jpeg, i) => [names[i] ?? '', `${JPEG_ADDRESS}${jpeg.toString('base64')}`] as const);
    const { bytes } = await printed('Sandpiper House', { paper: 'job' }, { pictures: forty, more: more.slice(0, 80) });
    expect(bytes).toBeLessThan(1_000_000);
    expect(bytes).toBeGreaterThan(jpegs.reduce((sum, { length }) => sum + length, 0));
    const { text } = await printed('Sandpiper House', { paper: 'job' }, { pictures: forty, more });
    expect(text).toContain(`picture ${MOST_PICTURES + 1}`);
    expect(text).toContain('in the record');
  });
});

describe('the other papers', () => {
  it('leaves the customer one page, with the lever that counts and a code', async () => {
    const { pages, text } = await printed('Eider Yard', { paper: 'customer' });
    expect(pages).toHaveLength(1);
    expect(text).toContain('breaker 9');
    expect(text).toContain('This code opens the record');
    expect(text).not.toContain('For the trade');
  });
  it('prints a label for each circuit and each device: one to a page of the roll, or from a place of the sheet on', async () => {
    const { job } = opened('Fulmar Mews');
    const labels = labelsOf(job);
    expect(labels.map(({ on }) => on)).toEqual(['circuit', 'device']);
    const roll = await printed('Fulmar Mews', { paper: 'labels', labels: 'roll62' });
    expect(roll.pages).toHaveLength(labels.length);
    expect(roll.size).toEqual([176, 82]);
    expect(roll.pages[0]).toContain('spur, garage');
    const sheet = await printed('Fulmar Mews', { paper: 'labels', labels: 'sheet21', firstLabel: 21 });
    expect(sheet.pages).toHaveLength(2);
    expect(sheet.pages[0]).toContain('Switch off');
    expect(sheet.pages[1]).toContain('Twin-lamp wall floodlight camera');
  });
  it('knows when a paper would have nothing on it', () => {
    const bare = fold({ id: 'bare', title: 'Bare', createdAt: PRINTED }, []);
    expect(PAPERS.filter((paper) => isEmptyPaper(bare, paper))).toEqual(['labels', 'electrician']);
    expect(isEmptyPaper(opened('Fulmar Mews').job, 'labels')).toBe(false);
  });
  it('gives the electrician what is for a licence alone', async () => {
    const title = [...jobs.keys()].find((one) => pointsForLicence(opened(one).job).length > 0);
    if (!title) throw new Error('no demo job has work for a licence');
    const { text } = await printed(title, { paper: 'electrician' });
    expect(text).toContain('For somebody with a licence');
    expect(pointsForLicence(opened('Sandpiper House').job)).toEqual([]);
  });
  it.each(['Lapwing Lodge', 'Curlew Barn', 'Ruff Landing'])('sets %s, whatever its state', async (title) => {
    for (const paper of ['customer', 'job', 'labels'] as const)
      expect((await printed(title, { paper })).bytes).toBeGreaterThan(3000);
  });
});

describe('a heading', () => {
  it('stands on the page of the drawing that it names, wherever the page ends', async () => {
    const read = opened('Sandpiper House');
    const one = read.job.points.flatMap((point) => (point.kind === 'doorbell' ? point.readings : []))[0];
    const reading = jobs.get('Sandpiper House')?.find(({ id }) => id === one?.entryId);
    if (!reading) throw new Error('nothing was read');
    for (let rows = 0; rows <= 30; rows += 6) {
      const more = Array.from({ length: rows }, () => ({ ...reading, id: newId() }));
      const { pages } = await printed('Sandpiper House', { paper: 'job' }, { more });
      const page = pages.find((text) => /\bWired\b/.test(text));
      expect([rows, page?.includes('as built so far')]).toEqual([rows, true]);
    }
  });
});

describe('signs and drawings of documents', () => {
  it('keeps what the typefaces have, and spells what they lack', () => {
    expect(legible('Ångström Ζωή Юрий 9.6 Ω')).toBe('Ångström Ζωή Юрий 9.6 Ω');
    expect(legible('4 × 2⅛ in')).toBe('4 × 2 1/8 in');
    for (const name of ['李小龍', 'محمد', 'ชนิดา', '🦊']) expect(legible(name)).toMatch(/^[\x20-\x7e]+$/);
  });
  it('paints a drawing as the style sheets do, the heavier selector over the lighter', () => {
    const svg = parseDocument(
      '<svg class="drawing box-drawing"><g class="wire red now"><path class="under"/><path class="over"/></g></svg>',
      { xmlMode: true },
    ).firstChild as Element;
    const [under, over] = (svg.children[0] as Element).children as Element[];
    if (!under || !over) throw new Error('nothing drawn');
    expect(inkOf(under)).toMatchObject({ stroke: '#bc4716', 'stroke-width': '11' });
    expect(inkOf(over).stroke).toMatch(/^#/);
    // Mains and bell are told apart by colours that a drawing names itself
    expect(inked('var(--slate)')).toBe('#2a5a72');
    expect(inked('var(--paper)')).toBe('#ffffff');
  });
  it('was written for the style sheets and the typefaces as they are now', () => {
    const written = (file: string): unknown => JSON.parse(readFileSync(path.join(root, 'src/papers', file), 'utf8'));
    expect(written('ink.json')).toEqual(inkRules(root));
    expect(written('covered.json')).toEqual(coveredRanges(facesAt(root)));
  });
  it('gives each drawing as a file that carries its own paint', () => {
    const drawings = svgDrawings(opened('Eider Yard').job, PRINTED);
    expect(drawings.length).toBeGreaterThan(1);
    for (const { name, svg } of drawings) {
      expect(name).toMatch(/^\d\d-[\w-]+\.svg$/);
      expect(svg).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg"/);
      expect(svg).toMatch(/stroke="#[0-9a-f]{6}"/);
      expect(svg).not.toContain('var(--');
    }
  });
});
