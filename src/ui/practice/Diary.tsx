'use client';
import { practiceWords } from '@/words/screens';
import { isDanger, type BenchEvent } from '@/core/practice';
import { eventText, SLIP_WORDS, type Speaks } from './benchText';

interface Props {
  readonly events: readonly BenchEvent[];
  readonly speaks: Speaks;
}

/** What was done so far, the last first, with its minutes. */
export function Diary({ events, speaks }: Props) {
  return (
    <section className="bench-diary">
      <h2>{practiceWords.diary}</h2>
      {events.length === 0 && <p className="soft">{practiceWords.nothingYet}</p>}
      <ol reversed start={events.length}>
        {events
          .map((event, i) => (
            <li key={i} className={isDanger(event.slip) ? 'brick' : undefined}>
              <span>
                {eventText(event, speaks)}
                {event.slip && <small className="soft block">{SLIP_WORDS[event.slip]}</small>}
              </span>
              <span className="m">{practiceWords.minutes({ minutes: event.minutes })}</span>
            </li>
          ))
          .toReversed()}
      </ol>
    </section>
  );
}
