'use client';
import { breakerLabelWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Circuit } from '@/core/house';
import { isOwnMachine } from '@/contract/settings';
import type { Job } from '@/core/job';
import { useCrew } from '../crew/CrewContext';
import { Choices } from '../form/Choices';
import { nowIso } from '../log/clock';
import { useHandedJob, type HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';
import { LabelDrawing } from './LabelDrawing';
import { LABEL_STOCK } from './labelStock';
import { labelWordsOf } from './labelWords';

interface Props {
  readonly log: HandedLog | null;
  /** Address under which the program is reached, as a phone can open it. */
  readonly root: string;
}

/** The label of a circuit: chosen stock, printed in its size or kept as SVG. Which circuit stands in the address. */
export function LabelPage({ log, root }: Props) {
  return <LogHere log={log}>{(known) => <Found log={known} root={root} />}</LogHere>;
}

function Found({ log, root }: { readonly log: HandedLog; readonly root: string }) {
  const job = useHandedJob(log);
  const id = decodeURIComponent(/\/label\/([^/]+)/.exec(usePathname())?.[1] ?? '');
  const circuit = job.circuits.find(({ ids }) => ids.includes(id));
  if (circuit) return <Label job={job} circuit={circuit} root={root} />;
  return (
    <main id="main" className="page">
      <p role="alert">{breakerLabelWords.noSuchCircuit}</p>
      <Link href={`/jobs/${job.id}?rung=isolate`}>{breakerLabelWords.backToTheJob}</Link>
    </main>
  );
}

interface LabelProps {
  readonly job: Job;
  readonly circuit: Circuit;
  readonly root: string;
}

function Label({ job, circuit, root }: LabelProps) {
  const [today] = useState(nowIso);
  const { who } = useCrew();
  const [stockId, setStock] = useState('s62x29');
  const holder = useRef<HTMLDivElement>(null);
  const stock = LABEL_STOCK.find(({ id }) => id === stockId) ?? LABEL_STOCK[0];
  const feeds = job.points.filter(({ id }) => circuit.feeds.includes(id)).map(({ name }) => name);
  const labelWords = labelWordsOf(
    job,
    { on: 'circuit', circuitId: circuit.id, at: circuit, feeds },
    root,
    today,
    who?.name ?? null,
  );
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
        <LabelDrawing stock={stock} words={labelWords} />
      </div>
      {isOwnMachine(root) && (
        <p className="no-print caution" role="alert">
          {breakerLabelWords.onlyThisMachine} <Link href="/settings">{breakerLabelWords.setTheAddress}</Link>
        </p>
      )}
      <p className="no-print small soft">{breakerLabelWords.theCodeLeadsTo({ address: labelWords.address })}</p>
    </main>
  );
}
