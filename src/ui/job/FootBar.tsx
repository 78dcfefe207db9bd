'use client';
import { faultWords, jobWords, verdictWords } from '@/words/screens';
import { useSay } from '../log/useSay';
import { useState } from 'react';
import { Button, Offcanvas } from 'react-bootstrap';
import { circuitsOfPoint, failuresOf, openTrouble, plugAt, stateAt, worriesOf } from '@/core/points';
import { CIRCUIT_STATE_WORDS, NOT_KNOWN } from '@/core/isolation';
import { useJob } from '../log/JobContext';
import { PLUG_CLASSES, PLUG_SHORT } from '../verdict/PlugPlate';
import { FACES } from '../points/faces';
import { Carry } from './Carry';

const ORDER = ['live', 'unknown', 'off', 'provedDead'] as const;

/** On a phone: the verdict under the thumb, and the carry sheet drawn up from it. */
export function FootBar() {
  const say = useSay();
  const { job, point, assessment } = useJob();
  const [open, setOpen] = useState(false);
  const { FootWord } = FACES[point.kind];
  // Of several circuits the one that is farthest from dead is told
  const states = circuitsOfPoint(job, point).map((circuit) => stateAt(point, circuit));
  const state = ORDER.flatMap((one) => states.find((known) => known.state === one) ?? [])[0] ?? NOT_KNOWN;
  const plug = states.length === 0 ? plugAt(job, point) : null;
  const failed = failuresOf(point).length > 0;
  const isTroubled = openTrouble(point) !== null;
  const worries = worriesOf(job, point, assessment).length;
  const count = worries === 0 ? jobWords.noWorry : worries === 1 ? '1 worry' : jobWords.worries2({ worries });
  return (
    <>
      <Button variant="bare" className="foot-bar" aria-expanded={open} onClick={() => setOpen(true)}>
        <span className={`mini-plate ${plug ? PLUG_CLASSES[plug.state] : state.state}`}>
          <i aria-hidden="true" />
          {say(plug ? PLUG_SHORT[plug.state] : CIRCUIT_STATE_WORDS[state.state])}
        </span>
        {failed || isTroubled ? (
          <b className="fails">{failed ? verdictWords.failed : faultWords.troubleTag}</b>
        ) : (
          <FootWord />
        )}
        <span className="end">{count}</span>
      </Button>
      <Offcanvas
        show={open}
        onHide={() => setOpen(false)}
        placement="bottom"
        className="carry-drawer"
        aria-label={jobWords.carrySheet}
      >
        <Offcanvas.Header closeButton>
          <Offcanvas.Title as="h2">{jobWords.carrySheet}</Offcanvas.Title>
        </Offcanvas.Header>
        <Offcanvas.Body className="carry">
          <Carry />
        </Offcanvas.Body>
      </Offcanvas>
    </>
  );
}
