'use client';
import { breakerLabelWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { termsIn } from '@/words';
import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { useRef, useState } from 'react';
import type { Circuit } from '@/core/house';
import { isOwnMachine } from '@/contract/settings';
import { type Job, placeOf } from '@/core/job';
import { useCrew } from '../crew/CrewContext';
import { Choices } from '../form/Choices';
import { CircuitLabel, type LabelWords } from './CircuitLabel';
import { LABEL_STOCK } from './labelStock';

interface Props {
  readonly job: Job;
  readonly circuit: Circuit;
  /** Where the record stands, as an address that a phone can open. */
  readonly address: string;
  readonly today: string;
}

const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((part) => part.charAt(0).toUpperCase())
    .join('');

/** The label of a circuit: chosen stock, printed in its size or kept as SVG. */
export function LabelPage({ job, circuit, address, today }: Props) {
  const { who } = useCrew();
  const [stockId, setStock] = useState('s62x29');
  const holder = useRef<HTMLDivElement>(null);
  const stock = LABEL_STOCK.find(({ id }) => id === stockId) ?? LABEL_STOCK[0];
  const words = termsIn(placeOf(job));
  const points = job.points.filter(({ id }) => circuit.feeds.includes(id));
  const labelWords: LabelWords = {
    what:
      points.length > 0
        ? breakerLabelWords.feeds({ points: points.map(({ name }) => name).join(', ') })
        : breakerLabelWords.feedsNotSaid,
    way: circuit.way ?? circuit.name ?? words.way,
    board: [words.board, job.site.boardPlace].filter(Boolean).join(', '),
    safe: breakerLabelWords.switchOffTagProve,
    mark: `${format(parseISO(today), 'd MMM yyyy')}  ${who ? initials(who.name) : ''}`,
    address,
  };
  const save = () => {
    const svg = holder.current?.querySelector('svg');
    if (!svg) return;
    const file = new Blob([new XMLSerializer().serializeToString(svg)], { type: 'image/svg+xml' });
    const link = document.createElement('a');
    link.href = URL.createObjectURL(file);
    link.download = `label-${job.title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.svg`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  if (!stock) return null;
  return (
    <main id="main" className="sheet-page label-page">
      <div className="sheet-head no-print">
        <div>
          <h1>{breakerLabelWords.circuitLabel}</h1>
          <div>
            {job.title}: {circuit.way ?? circuit.name ?? breakerLabelWords.circuit}
          </div>
        </div>
        <span className="row-of">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}?rung=isolate`}>
            {breakerLabelWords.backToTheJob}
          </Link>
          <Button variant="secondary" onClick={save}>
            {breakerLabelWords.keepAsSVG}
          </Button>
          <Button onClick={() => window.print()}>{breakerLabelWords.print}</Button>
        </span>
      </div>
      <div className="no-print">
        <Choices
          label={breakerLabelWords.labelStock}
          options={LABEL_STOCK.map(({ id, words: size }) => ({ value: id, words: size }))}
          chosen={stock.id}
          onPick={(id) => id && setStock(id)}
        />
      </div>
      <div ref={holder} className={`label-holder ${stock.id}`}>
        <CircuitLabel stock={stock} words={labelWords} />
      </div>
      {isOwnMachine(address) && (
        <p className="no-print caution" role="alert">
          {breakerLabelWords.onlyThisMachine} <Link href="/settings">{breakerLabelWords.setTheAddress}</Link>
        </p>
      )}
      <p className="no-print small soft">{breakerLabelWords.theCodeLeadsTo({ address })}</p>
    </main>
  );
}
