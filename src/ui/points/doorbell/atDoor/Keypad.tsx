'use client';
import { doorWords } from '@/words/screens';
import { Button } from 'react-bootstrap';

interface Props {
  readonly text: string;
  readonly onText: (text: string) => void;
  /** What was kept is being judged: nothing is asked yet. */
  readonly isOff: boolean;
  /** Takes the figure from the meter; null where there is none, or it can’t read this. */
  readonly onMeter: (() => void) | null;
  readonly onHow: () => void;
  readonly how: boolean;
}

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0'] as const;

/** Figures for a thumb in a glove, always up: a range, nothing at all, the meter, and how it is read. */
export function Keypad({ text, isOff, onText, onMeter, onHow, how }: Props) {
  const key = (
    words: string,
    onPress: () => void,
    more: { readonly pressed?: boolean; readonly off?: boolean } = {},
  ) => (
    <Button
      key={words}
      variant="bare"
      className="key-word"
      disabled={isOff || more.off}
      aria-pressed={more.pressed}
      onClick={onPress}
    >
      {words}
    </Button>
  );
  return (
    <div className="keypad">
      <div className="digits">
        {DIGITS.map((digit) => (
          <Button
            key={digit}
            variant="bare"
            className="digit"
            disabled={isOff}
            onClick={() => onText(`${text}${digit}`)}
          >
            {digit}
          </Button>
        ))}
        {key(doorWords.nothing, () => onText('0'))}
      </div>
      <div className="side-keys">
        {key(doorWords.erase, () => onText(text.replace(/( to )?.?$/, '')))}
        {key(doorWords.to, () => onText(text.includes(' to ') || text === '' ? text : `${text} to `))}
        {key(doorWords.meter, () => onMeter?.(), { off: onMeter === null })}
        {key(doorWords.howIsIt, onHow, { pressed: how })}
      </div>
    </div>
  );
}
