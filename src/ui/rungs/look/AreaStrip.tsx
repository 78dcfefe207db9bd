'use client';
import { lookWords } from '@/words/screens';
import { Nav } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { useEffect, useRef } from 'react';
import type { AreaStanding } from '@/core/points';

interface Props {
  readonly areas: readonly AreaStanding[];
  readonly here: string;
  /** Where the next missing fact is asked. */
  readonly asked: string | undefined;
  readonly onPick: (area: string) => void;
}

const MARKS = { open: '○', inHand: '◐', done: '●' } as const;
const STATE_WORDS = { open: lookWords.open, inHand: lookWords.inHand, done: lookWords.done } as const;

/** The parts of the survey with how each stands. */
export function AreaStrip({ areas, here, asked, onPick }: Props) {
  const say = useSay();
  const strip = useRef<HTMLElement>(null);
  useEffect(() => {
    // On a phone the strip is wider than the screen
    const current = strip.current?.querySelector<HTMLElement>('[aria-current]');
    if (strip.current && current) strip.current.scrollLeft = current.offsetLeft - 60;
  }, [here]);
  return (
    <Nav as="nav" ref={strip} className="areas" aria-label={lookWords.partsOfTheSurvey} activeKey={here}>
      {areas.map(({ area, name, state, words }) => (
        <Nav.Link
          key={area}
          as="button"
          type="button"
          eventKey={area}
          className={area === asked ? 'wanted' : ''}
          aria-current={area === here ? 'true' : undefined}
          onClick={() => onPick(area)}
        >
          <span aria-hidden="true" className={`mark ${state}`}>
            {MARKS[state]}
          </span>
          <b>{say(name)}</b>
          <small>
            <span className="visually-hidden">{STATE_WORDS[state]}, </span>
            {say(words)}
          </small>
        </Nav.Link>
      ))}
    </Nav>
  );
}
