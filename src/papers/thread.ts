import { renderToBuffer } from '@react-pdf/renderer';
import { createRequire } from 'node:module';
import { createElement } from 'react';
import type { PaperPicture, PaperSource } from '@/contract/papers';
import { SharedPage } from '@/ui/sheet/SharedPage';
import { documentOf, jobOfLog } from './documentOf';
import { registerFaces } from './faces';
import { htmlOf } from './markup';
import { svgDrawings, type SvgDrawing } from './svgDrawings';

// What runs in a thread of the server: a document set from a job’s log. The build makes one file of it.

/** What a shared page is made of. `photos` is the address under which the photos lie. */
type SharedSource = Pick<PaperSource, 'log' | 'printedAt'> & { readonly photos: string };

const { resolve } = createRequire(import.meta.url);
const TEXT = '@expo-google-fonts/atkinson-hyperlegible-next';
const MONO = '@expo-google-fonts/jetbrains-mono';

registerFaces({
  regular: resolve(`${TEXT}/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf`),
  bold: resolve(`${TEXT}/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf`),
  mono: resolve(`${MONO}/400Regular/JetBrainsMono_400Regular.ttf`),
  monoBold: resolve(`${MONO}/700Bold/JetBrainsMono_700Bold.ttf`),
});

/** Draws a job’s drawings as files of their own. */
export const drawings = ({ log, printedAt }: Pick<PaperSource, 'log' | 'printedAt'>): readonly SvgDrawing[] =>
  svgDrawings(jobOfLog(log), printedAt);

/** The page that a customer is shown by a link, as markup. */
export const customerPage = ({ log, printedAt, photos }: SharedSource): string =>
  htmlOf(createElement(SharedPage, { job: jobOfLog(log), printedAt, photos }));

/** Sets a document. @returns the PDF */
export default async function typeset(asked: {
  readonly source: PaperSource;
  readonly pictures: readonly PaperPicture[];
}): Promise<Uint8Array> {
  return new Uint8Array(await renderToBuffer(documentOf(asked.source, new Map(asked.pictures))));
}
