import { pdf } from '@react-pdf/renderer';
import { expose } from 'comlink';
import {
  JPEG_ADDRESS,
  MOST_PICTURES,
  PAPER_JPEG_QUALITY,
  paperSidePx,
  type PaperPicture,
  type PaperSource,
} from '@/contract/papers';
import { documentOf } from './documentOf';
import { registerFaces } from './faces';

// What runs in a thread of the browser: the same documents, from the log that lies here, without a network.

registerFaces({
  regular: new URL(
    '../../node_modules/@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
    import.meta.url,
  ).href,
  bold: new URL(
    '../../node_modules/@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
    import.meta.url,
  ).href,
  mono: new URL(
    '../../node_modules/@expo-google-fonts/jetbrains-mono/400Regular/JetBrainsMono_400Regular.ttf',
    import.meta.url,
  ).href,
  monoBold: new URL(
    '../../node_modules/@expo-google-fonts/jetbrains-mono/700Bold/JetBrainsMono_700Bold.ttf',
    import.meta.url,
  ).href,
});

/** A picture as small as paper needs, as an address that holds it. */
async function smaller(picture: Blob, side: number): Promise<string> {
  const bitmap = await createImageBitmap(picture);
  const scale = Math.min(1, side / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const made = await canvas.convertToBlob({ type: 'image/jpeg', quality: PAPER_JPEG_QUALITY / 100 });
  const bytes = new Uint8Array(await made.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `${JPEG_ADDRESS}${btoa(text)}`;
}

/** Pictures by where they lie; one that can’t be had has its place and its words on paper all the same. */
async function picturesAt(addresses: readonly (readonly [sha256: string, address: string])[]): Promise<PaperPicture[]> {
  const asked = addresses.slice(0, MOST_PICTURES);
  const made: PaperPicture[] = [];
  for (const [sha256, address] of asked)
    try {
      const answer = await fetch(address);
      if (answer.ok) made.push([sha256, await smaller(await answer.blob(), paperSidePx(asked.length))]);
    } catch {
      // Out of reach now
    }
  return made;
}

/** Sets a document. @returns the PDF, and how many pictures were out of reach */
async function typeset(
  source: PaperSource,
  addresses: readonly (readonly [sha256: string, address: string])[],
): Promise<{ readonly document: Blob; readonly missing: number }> {
  const pictures = await picturesAt(addresses);
  const document = await pdf(documentOf(source, new Map(pictures))).toBlob();
  return { document, missing: Math.min(addresses.length, MOST_PICTURES) - pictures.length };
}

const api = { typeset };
export type PapersWorker = typeof api;
expose(api);
