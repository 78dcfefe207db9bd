import { Document, Page, Text, type DocumentProps } from '@react-pdf/renderer';
import type { ReactElement, ReactNode } from 'react';
import { papersWords } from '@/words/screens';
import { legible, TEXT_FACE } from './faces';
import { flow, type Pictures } from './flow';
import { markupOf } from './markup';
import type { SheetSize } from '@/core/region';

/** Width and height of sheets, pt. */
export const SIZES: Readonly<Record<SheetSize, readonly [number, number]>> = {
  A4: [595.28, 841.89],
  LETTER: [612, 792],
};
const MARGIN_PT = 42;

interface Props {
  readonly title: string;
  readonly size: SheetSize;
  /** What stands on it, as the screen shows it. */
  readonly shown: ReactElement;
  readonly pictures: Pictures;
}

export const DOCUMENT = { creator: 'Fox Ladder', producer: 'Fox Ladder', language: 'en' } as const;

/** A document of sheets: what a screen shows, set in pages, each with its number. */
export function Paper({ title, size, shown, pictures }: Props): ReactElement<DocumentProps> {
  const [width] = SIZES[size];
  return (
    <Document title={legible(title)} {...DOCUMENT}>
      <Page
        size={size}
        style={{ padding: MARGIN_PT, paddingBottom: MARGIN_PT + 14, fontFamily: TEXT_FACE as unknown as string }}
      >
        {flow(markupOf(shown), width - 2 * MARGIN_PT, pictures) as ReactNode}
        <Text
          fixed
          style={{ position: 'absolute', left: MARGIN_PT, right: MARGIN_PT, bottom: 26, fontSize: 8, color: '#48575d' }}
          render={({ pageNumber, totalPages }) =>
            `${legible(title)}  ·  ${papersWords.pageOf({ page: pageNumber, pages: totalPages })}`
          }
        />
      </Page>
    </Document>
  );
}
