'use client';
import { papersWords } from '@/words/screens';
import { useQuery } from '@tanstack/react-query';
import { Download, Printer } from 'lucide-react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { Alert, Button, Spinner } from 'react-bootstrap';
import {
  LABELS_ON_A_SHEET,
  LABEL_SUPPLIES,
  PAPERS,
  isEmptyPaper,
  usualPaper,
  type PaperAsked,
  type PaperName,
} from '@/contract/papers';
import type { OwnItem } from '@/core/catalogue';
import { SHEET_SIZES } from '@/core/region';
import { Choices } from '../form/Choices';
import { nowIso } from '../log/clock';
import { useKnownLog, type HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';
import { PdfPages } from './PdfPages';
import { typeset } from './typesetting';

const NAMES = {
  customer: papersWords.customer,
  job: papersWords.job,
  labels: papersWords.labels,
  electrician: papersWords.electrician,
} as const;
const SUPPLIES = { roll62: papersWords.roll62, sheet21: papersWords.sheet21 } as const;
const SIZES = { A4: papersWords.a4, LETTER: papersWords.letter } as const;

interface Props {
  readonly log: HandedLog | null;
  readonly root: string;
  /** What the firm has in its catalogue beside what ships. */
  readonly own: readonly OwnItem[];
}

/** An address is held so long after it was handed over. */
const HELD_MS = 60_000;

/** Puts a document among what the browser has saved. */
function save(document: Blob, name: string): void {
  const link = window.document.createElement('a');
  link.href = URL.createObjectURL(document);
  link.download = name;
  link.click();
  // A browser may read it a while after the press
  setTimeout(() => URL.revokeObjectURL(link.href), HELD_MS);
}

/** The papers of a job: which, on what, as they will be printed. */
export function PapersPage({ log, ...beside }: Props) {
  return <LogHere log={log}>{(known) => <Papers log={known} {...beside} />}</LogHere>;
}

function Papers({ log, root, own }: Props & { readonly log: HandedLog }) {
  const [printedAt] = useState(nowIso);
  // Read here: a page that lies in the browser was made for another paper
  const at = useSearchParams().get('paper');
  const first: PaperName = PAPERS.find((one) => one === at) ?? 'customer';
  const { text, job } = useKnownLog(log);
  const [asked, setAsked] = useState<PaperAsked>(() => ({ paper: first, ...usualPaper(job) }));
  const set = <K extends keyof PaperAsked>(name: K, value: PaperAsked[K] | null): void => {
    if (value !== null) setAsked((before) => ({ ...before, [name]: value }));
  };
  const isNothing = isEmptyPaper(job, asked.paper);
  const { data, error, isFetching } = useQuery({
    queryKey: ['paper', job.id, printedAt, job.last, asked, own],
    queryFn: () => typeset({ log: text, asked, printedAt, root, own }, job),
    staleTime: Infinity,
    retry: false,
    enabled: !isNothing,
  });
  const name = `${job.title}, ${NAMES[asked.paper]}.pdf`;
  return (
    <main id="main" className="papers-page">
      <header>
        <h1>{papersWords.papersOf({ title: job.title })}</h1>
        <Link className="btn btn-secondary" href={`/jobs/${job.id}?rung=leave`}>
          {papersWords.backToTheJob}
        </Link>
      </header>
      <section className="papers-choice">
        <Choices
          label={papersWords.which}
          options={PAPERS.map((value) => ({ value, words: NAMES[value] }))}
          chosen={asked.paper}
          onPick={(paper) => set('paper', paper)}
        />
        {asked.paper === 'labels' && (
          <Choices
            label={papersWords.printedOn}
            options={LABEL_SUPPLIES.map((value) => ({ value, words: SUPPLIES[value] }))}
            chosen={asked.labels}
            onPick={(labels) => set('labels', labels)}
          />
        )}
        {(asked.paper !== 'labels' || asked.labels === 'sheet21') && (
          <Choices
            label={papersWords.sheetSize}
            options={SHEET_SIZES.map((value) => ({ value, words: SIZES[value] }))}
            chosen={asked.size}
            onPick={(size) => set('size', size)}
          />
        )}
        {asked.paper === 'labels' && asked.labels === 'sheet21' && (
          <label className="first-label">
            {papersWords.firstLabel}
            <input
              className="form-control"
              type="number"
              inputMode="numeric"
              min={1}
              max={LABELS_ON_A_SHEET}
              value={asked.firstLabel}
              onChange={({ target }) => {
                const wanted = Number(target.value);
                if (Number.isInteger(wanted) && wanted >= 1 && wanted <= LABELS_ON_A_SHEET) set('firstLabel', wanted);
              }}
            />
          </label>
        )}
        {data && (
          <p className="row-of">
            <Button onClick={() => save(data.document, name)}>
              <Download size={18} aria-hidden="true" /> {papersWords.save}
            </Button>
            <Button variant="secondary" onClick={() => window.open(URL.createObjectURL(data.document))}>
              <Printer size={18} aria-hidden="true" /> {papersWords.openToPrint}
            </Button>
          </p>
        )}
        {data && data.missing > 0 && <p className="caution">{papersWords.outOfReach({ missing: data.missing })}</p>}
      </section>
      <section className="papers-preview" aria-label={papersWords.preview} aria-busy={isFetching}>
        {isFetching && (
          <p role="status">
            <Spinner size="sm" aria-hidden="true" /> {papersWords.beingSet}
          </p>
        )}
        {error && (
          <Alert variant="danger">
            {papersWords.notSet}{' '}
            <a href={`/api/v1/jobs/${job.id}/papers/${asked.paper}?size=${asked.size}`}>{papersWords.fromTheServer}</a>
          </Alert>
        )}
        {isNothing && <p>{asked.paper === 'labels' ? papersWords.nothingToLabel : papersWords.nothingForLicence}</p>}
        {data && <PdfPages document={data.document} />}
      </section>
    </main>
  );
}
