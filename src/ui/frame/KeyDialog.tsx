'use client';
import { frameWords } from '@/words/screens';
import { RUNGS, RUNG_NAMES } from '@/core/kinds';
import { Dialog } from '../form/Dialog';

const KEYS: readonly (readonly [string, string])[] = [
  ...RUNGS.map((rung, i) => [String(i + 1), RUNG_NAMES[rung]] as const),
  ['n', frameWords.nextMove],
  ['r', frameWords.newReading],
  ['m', frameWords.takeItFromThe],
  ['/', frameWords.findASiteOrA],
  ['?', frameWords.thisList],
];

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Every key and what it does. */
export function KeyDialog({ open, onClose }: Props) {
  return (
    <Dialog id="key-list" title={frameWords.keys} isOpen={open} close={{ words: frameWords.close, onClose }}>
      <dl className="key-list">
        {KEYS.map(([key, words]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <p className="small soft">{frameWords.noneOfThemActs}</p>
    </Dialog>
  );
}
