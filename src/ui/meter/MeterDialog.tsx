'use client';
import { useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import type { MeterTask, Probe } from '@/contract/instrument';
import { useJob } from '../log/JobContext';
import type { Taking } from './taking';
import { useMeterStream } from './useMeterStream';

const FUNCTION_WORDS = { voltsAc: 'V AC', ohms: 'Ω', continuity: 'continuity', ampsAc: 'A AC' } as const;
const PROBE_WORDS: Readonly<Record<Probe, string>> = {
  S1: 'transformer screw',
  S2: 'other screw',
  conductor: 'the conductor',
  Trans: 'Trans',
  Front: 'Front',
  D1: 'door lead',
  D2: 'other door lead',
  earth: 'earth',
  hot: 'hot',
  neutral: 'neutral',
  toChimeA: 'run to the chime, one lead',
  toChimeB: 'other lead, far ends twisted',
  toDoorA: 'run to the door, one lead',
  toDoorB: 'other lead, far ends twisted',
};

const probes = ({ from, to }: MeterTask): string => `${PROBE_WORDS[from]} and ${PROBE_WORDS[to]}`;

/** The meter with its probes on: the figure runs up, stands still, and is taken. */
export function MeterDialog({ taking, onClose }: { readonly taking: Taking; readonly onClose: () => void }) {
  const { job, point } = useJob();
  const [attempt, setAttempt] = useState(0);
  const { reading, away } = useMeterStream(job.id, point.id, taking.task, attempt);
  const can = reading?.settled === true && reading.value !== null;
  const take = () => {
    if (!reading || reading.value === null) return;
    taking.onTake(reading.text);
    onClose();
  };
  return (
    <Modal show onHide={onClose} aria-labelledby="meter-title" centered>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="meter-title">
          {taking.label}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <div className="meter">
          <p className="simulated">simulated</p>
          <p className="soft">
            {FUNCTION_WORDS[taking.task.function]}, probes on {probes(taking.task)}
          </p>
          <output className={`display${reading?.settled ? ' still' : ''}`} data-testid="meter-display">
            {reading ? reading.text : '––'} <small>{reading?.unit}</small>
          </output>
          <p role="status">
            {away
              ? 'The meter can’t be reached. Type the figure instead.'
              : (reading?.problem ?? (reading?.settled ? 'It stands still.' : 'settling…'))}
          </p>
        </div>
        <div className="row-of">
          <Button size="lg" disabled={!can} onClick={take}>
            Take it
          </Button>
          <Button variant="secondary" onClick={() => setAttempt((count) => count + 1)}>
            Again
          </Button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
