'use client';
import { Button } from 'react-bootstrap';
import type { Person } from '@/core/kinds';
import { frameWords } from '@/words/screens';
import { Dialog } from '../form/Dialog';
import { useCrew } from './CrewContext';

interface Props {
  readonly onPick: (person: Person) => void;
  readonly onDrop: () => void;
}

/** Something was written and nobody said who is at this screen: nobody writes for another one by default. */
export function WhoAsked({ onPick, onDrop }: Props) {
  const { crew, pick } = useCrew();
  return (
    <Dialog id="who-asked" title={frameWords.whoWritesThis}>
      <p className="soft">{frameWords.whoWritesWhy}</p>
      <div className="choices">
        {crew.map(({ id, name }) => (
          <Button
            key={id}
            variant="choice"
            onClick={() => {
              pick(id);
              onPick({ id, name });
            }}
          >
            {name}
          </Button>
        ))}
      </div>
      <Button variant="link" className="block-top" onClick={onDrop}>
        {frameWords.throwItAway}
      </Button>
    </Dialog>
  );
}
