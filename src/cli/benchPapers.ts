import { createRequire } from 'node:module';
import { renderToBuffer } from '@react-pdf/renderer';
import { textContent } from 'domutils';
import { createElement } from 'react';
import sharp from 'sharp';
import { JPEG_ADDRESS, paperSidePx, usualPaper, type PaperPicture } from '@/contract/papers';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold } from '@/core/job';
import { newEntry, type Entry } from '@/core/kinds';
import { INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { documentOf } from '@/papers/documentOf';
import { registerFaces } from '@/papers/faces';
import { markupOf } from '@/papers/markup';
import { TradeSheet } from '@/ui/sheet/TradeSheet';
import { line, ms, share, timesOf, timesOfAsync } from './measured';

const PHOTOS = 40;
const RUNS = 3;

/** Pictures as rich in detail as gravel, no two alike. */
async function pictures(): Promise<readonly PaperPicture[]> {
  const side = paperSidePx(PHOTOS);
  const size = { width: side, height: Math.round(side * 0.75), channels: 3 as const };
  const made: PaperPicture[] = [];
  for (let seed = 0; seed < PHOTOS; seed++) {
    const noise = Buffer.from(
      Array.from({ length: size.width * size.height * 3 }, (_, i) => ((i + 7 * seed) * 2654435761) >>> 24),
    );
    const jpeg = await sharp(noise, { raw: size }).blur(1).jpeg({ quality: 60 }).toBuffer();
    made.push([String(seed).padStart(64, '0'), `${JPEG_ADDRESS}${jpeg.toString('base64')}`]);
  }
  return made;
}

/** A sheet of three points and forty photos as PDF, beside its plain text alone. */
export async function benchPapers(): Promise<void> {
  const { resolve } = createRequire(import.meta.url);
  const text = (file: string) => resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${file}.ttf`);
  const mono = (file: string) => resolve(`@expo-google-fonts/jetbrains-mono/${file}.ttf`);
  registerFaces({
    regular: text('400Regular/AtkinsonHyperlegibleNext_400Regular'),
    bold: text('700Bold/AtkinsonHyperlegibleNext_700Bold'),
    mono: mono('400Regular/JetBrainsMono_400Regular'),
    monoBold: mono('700Bold/JetBrainsMono_700Bold'),
  });
  let ids = 0;
  const nextId = () => `bench-${++ids}`;
  const jobs = demoJobs(nextId, (days, hour) => Date.UTC(2026, 2, 10 + days, hour));
  const found = jobs.find(({ title }) => title === 'Eider Yard');
  if (!found) throw new Error('the demo firm has no such job');
  const taken = await pictures();
  const at = '2026-03-12T09:30:00.000Z';
  const photos = taken.map(([sha256], i) => ({
    ...newEntry(
      'photoAttached',
      { photoId: `photo-${i}`, sha256, widthPx: 800, heightPx: 600 },
      { id: nextId(), at, by: INES },
    ),
    seq: found.entries.length + i + 1,
    receivedAt: at,
  })) satisfies readonly Entry[];
  const head = { id: 'bench', title: found.title, createdAt: at };
  const entries = [...found.entries, ...photos];
  const job = fold(head, entries);
  const source = {
    log: JSON.stringify({ head, entries }),
    asked: { paper: 'job' as const, ...usualPaper(job) },
    printedAt: at,
    root: 'https://ladder.example',
    own: [],
  };
  let size = 0;
  let most = 0;
  const set = await timesOfAsync(RUNS, async () => {
    size = (await renderToBuffer(documentOf(source, new Map(taken)))).length;
    most = Math.max(most, process.memoryUsage().rss);
  });
  const plain = timesOf(RUNS, () =>
    textContent(
      markupOf(createElement(TradeSheet, { job: fold(head, entries), printedAt: at, catalogue: SHIPPED_CATALOGUE })),
    ),
  );
  line(
    `job sheet as PDF, ${job.points.length} points, ${PHOTOS} photos`,
    `p50 ${ms(share(set, 0.5))}, ${Math.round(size / 1000)} kB`,
  );
  line(
    '  its plain text alone',
    `p50 ${ms(share(plain, 0.5))}; the PDF takes ${(share(set, 0.5) / share(plain, 0.5)).toFixed(1)} times as long`,
  );
  line('  memory of this process meanwhile', `${Math.round(most / 1e6)} MB at most`);
}
