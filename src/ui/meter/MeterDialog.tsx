'use client';
import { meterWords } from '@/words/screens';
import { useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import type { MeterTask, Probe } from '@/contract/instrument';
import type { Terms } from '@/words';
import { useTerms } from '../log/useSay';
import type { Taking } from './taking';
import { useMeterStream } from './useMeterStream';

const FUNCTION_WORDS = { voltsAc: 'V AC', ohms: 'Ω', continuity: meterWords.continuity, ampsAc: 'A AC' } as const;
const probeWords = ({ hot, ground }: Terms): Readonly<Record<Probe, string>> => ({
  S1: meterWords.transformerScrew,
  S2: meterWords.otherScrew,
  conductor: meterWords.theConductor,
  Trans: meterWords.trans,
  Front: meterWords.front,
  D1: meterWords.doorLead,
  D2: meterWords.otherDoorLead,
  earth: ground,
  hot,
  neutral: meterWords.neutral,
  toChimeA: meterWords.runToTheChime,
  toChimeB: meterWords.otherLeadFarEnds,
  toDoorA: meterWords.runToTheDoor,
  toDoorB: meterWords.otherLeadFarEnds,
});

const probes = ({ from, to }: MeterTask, terms: Terms): string => {
  const words = probeWords(terms);
  return meterWords.and({ from: words[from], to: words[to] });
};

/** The meter with its probes on: the figure runs up, stands still, and is taken. */
export function MeterDialog({ taking, onClose }: { readonly taking: Taking; readonly onClose: () => void }) {
  const terms = useTerms();
  const [attempt, setAttempt] = useState(0);
  const { reading, away } = useMeterStream(taking.task, attempt);
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
          <p className="simulated">{meterWords.simulated}</p>
          <p className="soft">
            {meterWords.probesOn({
              functionWord: FUNCTION_WORDS[taking.task.function],
              probes: probes(taking.task, terms),
            })}
          </p>
          <output className={`display${reading?.settled ? ' still' : ''}`} data-testid="meter-display">
            {reading ? reading.text : '––'} <small>{reading?.unit}</small>
          </output>
          <p role="status">
            {away
              ? meterWords.theMeterCantBe
              : (reading?.problem ?? (reading?.settled ? meterWords.itStandsStill : meterWords.settling))}
          </p>
        </div>
        <div className="row-of">
          <Button size="lg" disabled={!can} onClick={take}>
            {meterWords.takeIt}
          </Button>
          <Button variant="secondary" onClick={() => setAttempt((count) => count + 1)}>
            {meterWords.again}
          </Button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
