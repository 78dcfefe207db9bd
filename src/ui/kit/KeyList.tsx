'use client';
import { useState } from 'react';
import { Modal } from 'react-bootstrap';
import { RUNGS, RUNG_NAMES } from '@/core/job';
import { useKeys } from './useKeys';

const KEYS: readonly (readonly [string, string])[] = [
  ...RUNGS.map((rung, i) => [String(i + 1), RUNG_NAMES[rung]] as const),
  ['n', 'next move'],
  ['r', 'new reading'],
  ['/', 'find a site or a job'],
  ['?', 'this list'],
];

/** The list of keys, by its own key and by a button. */
export function KeyList() {
  const [open, setOpen] = useState(false);
  useKeys({ '?': () => setOpen(true) });
  return (
    <>
      <button type="button" className="button quiet keys" aria-label="List of keys" onClick={() => setOpen(true)}>
        <kbd>?</kbd>
      </button>
      <Modal show={open} onHide={() => setOpen(false)} aria-labelledby="key-list" centered>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="key-list">
            Keys
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
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
          <p className="small soft">None of them acts while you type in a field.</p>
        </Modal.Body>
      </Modal>
    </>
  );
}
