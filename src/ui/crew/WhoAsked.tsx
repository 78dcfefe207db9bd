'use client';
import { Button, Modal } from 'react-bootstrap';
import type { Person } from '@/core/kinds';
import { frameWords } from '@/words/screens';
import { useCrew } from './CrewContext';

interface Props {
  readonly onPick: (person: Person) => void;
  readonly onDrop: () => void;
}

/** Something was written and nobody said who is at this screen: nobody writes for another one by default. */
export function WhoAsked({ onPick, onDrop }: Props) {
  const { crew, pick } = useCrew();
  return (
    <Modal show backdrop="static" keyboard={false} aria-labelledby="who-asked" centered>
      <Modal.Header>
        <Modal.Title as="h2" id="who-asked">
          {frameWords.whoWritesThis}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
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
      </Modal.Body>
    </Modal>
  );
}
