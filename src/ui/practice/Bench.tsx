'use client';
import { practiceWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import {
  TERMINALS,
  benchKindOf,
  isDanger,
  type BenchAct,
  type BenchState,
  type Round,
  type Terminal,
} from '@/core/practice';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { ActsHere } from './ActsHere';
import { handAfter, type Hand } from './hand';
import { BenchMeter } from './BenchMeter';
import { eventText, SLIP_WORDS } from './benchText';
import { Diary } from './Diary';
import { PlaceDrawing } from './PlaceDrawing';
import { PlaceStrip } from './PlaceStrip';
import { RepairIt } from './RepairIt';
import { symptomOf, useSpeaks } from './useSpeaks';

interface Props {
  readonly round: Round;
  readonly state: BenchState;
  /** Null: the house of a job. */
  readonly seed: number | null;
  readonly onAct: (act: BenchAct) => void;
}

/** The house at hand: where one stands, its terminals, the meter, what can be done, and what was done. */
export function Bench({ round, state, seed, onAct }: Props) {
  const speaks = useSpeaks(round);
  const [hand, setHand] = useState<Hand>(() => handAfter(state));
  const { place, minutes, off, isProved, events, wiring } = state;
  const last = events.at(-1);
  /** Whatever else the hands do takes the leads off. */
  const act = (one: BenchAct) => {
    setHand((now) => ({ ...now, red: null, black: null }));
    onAct(one);
  };
  /** As soon as both leads are on the meter shows something. */
  const put = (next: Hand) => {
    setHand(next);
    const { red, black, dial, range } = next;
    if (red && black && red !== black) onAct({ do: 'read', dial, range, red, black });
  };
  const tap = (terminal: Terminal) => {
    if (hand.red === terminal) return put({ ...hand, red: null });
    if (hand.black === terminal) return put({ ...hand, black: null });
    if (!hand.red) return put({ ...hand, red: terminal });
    return put({ ...hand, black: terminal });
  };
  const { terminals, cover, provedAt } = benchKindOf(round.asked);
  const isCovered = cover !== null && place === provedAt && wiring[cover] === 'on';
  const hasMeter = !isCovered && terminals.some((one) => TERMINALS[one] === place);
  const shown =
    last?.act.do === 'read' && last.came.of === 'reading' && hand.red && hand.black ? last.came.reading : null;
  const deadMore = provedAt === 'fixture' ? practiceWords.deadAtFixture : practiceWords.deadMore;
  const plate = off === 'nothing' ? 'live' : isProved ? 'provedDead' : 'off';
  return (
    <div className="at-house">
      <header className="bench-head">
        <h1 className="visually-hidden">{practiceWords.practiceBench}</h1>
        <p>
          <span className="soft">{practiceWords.complaint}</span>
          <b>{capital(speaks.say(said('complaint', { symptom: symptomOf(round) })))}</b>
        </p>
        <p className="soft">{seed === null ? practiceWords.ofAJob : practiceWords.numberOf({ seed })}</p>
        <p className="clock" role="status">
          <b className="m">{practiceWords.minutes({ minutes })}</b>
          <span className="soft">{practiceWords.spent}</span>
        </p>
        <div className={`plate ${plate}`} data-testid="bench-state">
          <i />
          <span>
            {off === 'nothing' ? practiceWords.live : isProved ? practiceWords.dead : practiceWords.off}
            <small>{off === 'nothing' ? practiceWords.liveMore : isProved ? deadMore : practiceWords.offMore}</small>
          </span>
        </div>
      </header>
      <PlaceStrip round={round} place={place} onWalk={(to) => act({ do: 'walk', to })} />
      <section className="bench-place" aria-label={practiceWords.where}>
        <PlaceDrawing round={round} state={state} hand={hand} onTap={tap} />
        {last && (
          <p className={`bench-last ${isDanger(last.slip) ? 'brick' : ''}`} role="status" data-testid="bench-last">
            <b>{eventText(last, speaks)}</b>
            {last.slip && <span className={isDanger(last.slip) ? '' : 'soft'}> {SLIP_WORDS[last.slip]}</span>}
          </p>
        )}
      </section>
      <section className="bench-hand">
        {hasMeter ? (
          <BenchMeter hand={hand} reading={shown} onHand={put} />
        ) : (
          <p className="soft bench-meter">{isCovered ? practiceWords.covered : practiceWords.noMeterHere}</p>
        )}
      </section>
      <section>
        <ActsHere round={round} state={state} onAct={act} />
      </section>
      <section>
        <RepairIt round={round} state={state} onAct={act} />
        <div className="row-of">
          <Button variant="link" onClick={() => act({ do: 'allFine' })}>
            {practiceWords.nothingWrong}
          </Button>
          <Button variant="link" onClick={() => act({ do: 'giveUp' })}>
            {practiceWords.giveUp}
          </Button>
        </div>
        <Diary events={events} speaks={speaks} />
      </section>
    </div>
  );
}
