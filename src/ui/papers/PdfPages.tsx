'use client';
import { papersWords } from '@/words/screens';
import { useEffect, useRef, useState } from 'react';
import { GlobalWorkerOptions, getDocument, type PDFPageProxy } from 'pdfjs-dist';

interface Props {
  readonly document: Blob;
}

interface Page {
  readonly page: PDFPageProxy;
  /** What is written on it, in the order in which it is read. */
  readonly text: string;
}

/** Pixels of a point: sharp on a phone, and not too much for it. */
const SCALE = 2;

/** The pages of a document as they will be printed: the document itself, drawn. */
export function PdfPages({ document }: Props) {
  const [pages, setPages] = useState<readonly Page[]>([]);
  useEffect(() => {
    let isWanted = true;
    GlobalWorkerOptions.workerPort ??= new Worker(new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url), {
      type: 'module',
    });
    const read = async () => {
      // The policy of the pages lets nobody make code of text
      const task = getDocument({ data: await document.arrayBuffer(), isEvalSupported: false });
      const pdf = await task.promise;
      const found: Page[] = [];
      for (let number = 1; number <= pdf.numPages; number++) {
        const page = await pdf.getPage(number);
        const { items } = await page.getTextContent();
        found.push({ page, text: items.map((item) => ('str' in item ? item.str : '')).join(' ') });
      }
      if (isWanted) setPages(found);
    };
    void read();
    return () => {
      isWanted = false;
    };
  }, [document]);
  return (
    <ol className="pdf-pages">
      {pages.map(({ page, text }) => (
        <li key={page.pageNumber}>
          <DrawnPage page={page} />
          <p className="visually-hidden">{text}</p>
        </li>
      ))}
    </ol>
  );
}

function DrawnPage({ page }: { readonly page: PDFPageProxy }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [isDrawn, setDrawn] = useState(false);
  const viewport = page.getViewport({ scale: SCALE });
  useEffect(() => {
    const canvasContext = canvas.current?.getContext('2d');
    if (!canvasContext) return undefined;
    const drawing = page.render({ canvasContext, viewport: page.getViewport({ scale: SCALE }) });
    drawing.promise.then(
      () => setDrawn(true),
      // Taken away while it was drawn: nobody waits for it
      () => undefined,
    );
    return () => drawing.cancel();
  }, [page]);
  return (
    <canvas
      ref={canvas}
      width={viewport.width}
      height={viewport.height}
      role="img"
      aria-busy={!isDrawn}
      aria-label={papersWords.page({ page: page.pageNumber })}
    />
  );
}
