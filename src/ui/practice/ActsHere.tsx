'use client';
import { practiceWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import {
  MINUTES,
  WIRING_PARTS,
  benchKindOf,
  canProve,
  canSwitchOff,
  canSwitchOn,
  type BenchAct,
  type BenchPlace,
  type BenchState,
  type Round,
} from '@/core/practice';
import { testName, WIRE_WORDS } from './benchText';
import { useSpeaks } from './useSpeaks';

interface Props {
  readonly round: Round;
  readonly state: BenchState;
  readonly onAct: (act: BenchAct) => void;
}

/** What hands and eyes can do where one stands: wires, looks, the way at the board, the proof. */
export function ActsHere({ round, state, onAct }: Props) {
  const speaks = useSpeaks(round);
  const { place, wiring, off } = state;
  const kind = benchKindOf(round.asked);
  const { looks, cover } = kind;
  const wiresAt = (where: BenchPlace | null) =>
    kind.parts.flatMap((part) =>
      WIRING_PARTS[part].place === where
        ? WIRING_PARTS[part].to.filter((to) => to !== wiring[part]).map((to) => ({ part, to }))
        : [],
    );
  const button = (key: string, words: string, minutes: number, act: BenchAct) => (
    <Button key={key} variant="secondary" data-act={key} onClick={() => onAct(act)}>
      <span>{words}</span>
      <span className="m soft">{practiceWords.minutes({ minutes })}</span>
    </Button>
  );
  const wire = ({ part, to }: ReturnType<typeof wiresAt>[number]) =>
    button(`${part}-${to}`, WIRE_WORDS[part][to] ?? '', part === cover ? MINUTES.cover : MINUTES.wire, {
      do: 'wire',
      part,
      to,
    });
  const look = (test: string) =>
    button(test, testName(test, speaks), kind.test(test)?.minutes ?? 0, { do: 'look', test });
  /** What is behind a cover is looked at once it is off. */
  const isOpen = (test: string): boolean =>
    cover === null || kind.test(test)?.needs !== 'dead' || wiring[cover] !== 'on';
  const looksAt = (where: BenchPlace | null) =>
    looks.filter((test) => kind.test(test)?.place === where && isOpen(test)).map(look);
  return (
    <>
      <div className="bench-acts" role="group" aria-label={practiceWords.actsHere}>
        {canSwitchOff(state) &&
          button('off', off === 'nothing' ? practiceWords.switchOff : practiceWords.switchOffNext, MINUTES.switch, {
            do: 'off',
          })}
        {canSwitchOn(state) && button('on', practiceWords.switchOn, MINUTES.switch, { do: 'on' })}
        {canProve(round, state) && button('prove', practiceWords.prove, MINUTES.prove, { do: 'prove' })}
        {wiresAt(place).map(wire)}
        {looksAt(place)}
      </div>
      <h2>{practiceWords.byThePhone}</h2>
      <div className="bench-acts" role="group" aria-label={practiceWords.byThePhone}>
        {wiresAt(null).map(wire)}
        {looksAt(null)}
      </div>
    </>
  );
}
