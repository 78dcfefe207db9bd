'use client';
import { practiceWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { DIAL, DIAL_FUNCTIONS, type BenchReading, type DialFunction } from '@/core/practice';
import { ChoiceKeys } from '../form/ChoiceKeys';
import { firstRange, type Hand } from './hand';

const DIAL_WORDS: Readonly<Record<DialFunction, string>> = {
  voltsAc: practiceWords.voltsAc,
  voltsDc: practiceWords.voltsDc,
  ohms: practiceWords.ohms,
  continuity: practiceWords.continuity,
  ampsAc: practiceWords.ampsAc,
};

interface Props {
  readonly hand: Hand;
  /** Null: its leads are not both on. */
  readonly reading: BenchReading | null;
  readonly onHand: (next: Hand) => void;
}

/** The meter: a dial, ranges, and what it shows as soon as both leads are on something. */
export function BenchMeter({ hand, reading, onHand }: Props) {
  const { dial, range, red, black } = hand;
  const { ranges, unit } = DIAL[dial];
  return (
    <div className="bench-meter">
      <div className="bench-display" role="status" aria-label={practiceWords.display} data-testid="bench-display">
        <b className="m">{reading ? reading.text : '– – –'}</b>
        <span className="m">{unit}</span>
        <small>
          {reading?.beeps && practiceWords.beeps}
          {reading?.swings && practiceWords.swings}
          {!reading && (red || black ? practiceWords.oneLead : practiceWords.noLeads)}
        </small>
      </div>
      <ChoiceKeys
        type="radio"
        label={practiceWords.dial}
        options={DIAL_FUNCTIONS.map((value) => ({ value, words: DIAL_WORDS[value] }))}
        isOn={(value) => value === dial}
        onPress={(value) => onHand({ ...hand, dial: value, range: firstRange(value) })}
      />
      {ranges.length > 1 && (
        <ChoiceKeys
          type="radio"
          label={practiceWords.range}
          options={ranges.map((one) => ({ value: String(one), words: practiceWords.upTo({ range: one, unit }) }))}
          isOn={(value) => value === String(range)}
          onPress={(value) => onHand({ ...hand, range: Number(value) })}
        />
      )}
      {(red ?? black) && (
        <Button variant="secondary" onClick={() => onHand({ ...hand, red: null, black: null })}>
          {practiceWords.liftLeads}
        </Button>
      )}
    </div>
  );
}
