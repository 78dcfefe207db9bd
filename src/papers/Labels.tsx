import { Document, Page, View, type DocumentProps } from '@react-pdf/renderer';
import { isTag } from 'domhandler';
import type { ReactElement } from 'react';
import { LABELS_ON_A_SHEET, type PaperAsked } from '@/contract/papers';
import type { Job } from '@/core/job';
import { labelsOf } from '@/core/points';
import { LabelDrawing } from '@/ui/label/LabelDrawing';
import type { LabelStock } from '@/ui/label/labelStock';
import { labelWordsOf } from '@/ui/label/labelWords';
import { Drawing } from './drawing';
import { legible } from './faces';
import { markupOf } from './markup';
import { DOCUMENT, SIZES } from './Paper';

const PT_PER_MM = 72 / 25.4;
/** One label of a roll, and one of a sheet. */
const ROLL: LabelStock = { id: 'roll62', words: '', widthMm: 62, heightMm: 29 };
const CELL: LabelStock = { id: 'sheet21', words: '', widthMm: 63.5, heightMm: 38.1 };
const ACROSS = 3;
/** Between two labels of a sheet, mm; from one row to the next there is nothing. */
const GAP_MM = 2.5;

function LabelOnPaper({ stock, words }: Parameters<typeof LabelDrawing>[0]) {
  const svg = markupOf(<LabelDrawing stock={stock} words={words} />).children.find(isTag);
  return svg ? <Drawing svg={svg} widthPt={stock.widthMm * PT_PER_MM} /> : null;
}

interface Props {
  readonly job: Job;
  readonly asked: PaperAsked;
  readonly root: string;
  readonly printedAt: string;
}

/** All labels of a job in their own size: one to a page of the roll, or on sheets from the first that is still there. */
export function Labels({ job, asked, root, printedAt }: Props): ReactElement<DocumentProps> {
  const by = job.points.find(({ left }) => left)?.left?.by.name ?? null;
  const words = labelsOf(job).map((label) => labelWordsOf(job, label, root, printedAt, by));
  if (asked.labels === 'roll62')
    return (
      <Document title={legible(job.title)} {...DOCUMENT}>
        {words.map((one, i) => (
          <Page key={i} wrap={false} size={[ROLL.widthMm * PT_PER_MM, ROLL.heightMm * PT_PER_MM]}>
            <LabelOnPaper stock={ROLL} words={one} />
          </Page>
        ))}
      </Document>
    );
  const [width, height] = SIZES[asked.size];
  const [cellWidth, cellHeight, gap] = [CELL.widthMm * PT_PER_MM, CELL.heightMm * PT_PER_MM, GAP_MM * PT_PER_MM];
  const down = LABELS_ON_A_SHEET / ACROSS;
  const left = (width - ACROSS * cellWidth - (ACROSS - 1) * gap) / 2;
  const top = (height - down * cellHeight) / 2;
  const places = words.map((one, i) => ({ words: one, at: i + asked.firstLabel - 1 }));
  const sheets = Math.ceil((words.length + asked.firstLabel - 1) / LABELS_ON_A_SHEET);
  return (
    <Document title={legible(job.title)} {...DOCUMENT}>
      {Array.from({ length: sheets }, (_, sheet) => (
        <Page key={sheet} size={asked.size}>
          {places
            .filter(({ at }) => Math.floor(at / LABELS_ON_A_SHEET) === sheet)
            .map(({ words: one, at }) => {
              const place = at % LABELS_ON_A_SHEET;
              return (
                <View
                  key={at}
                  style={{
                    position: 'absolute',
                    left: left + (place % ACROSS) * (cellWidth + gap),
                    top: top + Math.floor(place / ACROSS) * cellHeight,
                  }}
                >
                  <LabelOnPaper stock={CELL} words={one} />
                </View>
              );
            })}
        </Page>
      ))}
    </Document>
  );
}
