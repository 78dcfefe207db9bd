'use client';
import { catalogueWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { answer, isCatalogue } from '@/contract/answers';
import { useState } from 'react';
import { SHELF_IDS, SHELVES, textOf, type Catalogue, type ShelfId, type ShelvedItem } from '@/core/catalogue';
import { NotTaken, Refused, call } from '../log/api';
import { Choices } from '../form/Choices';
import { CatalogueFiles } from './CatalogueFiles';
import { ItemForm } from './ItemForm';
import { ShelfTable } from './ShelfTable';

/** What the answer to a change was refused for: each fault with its place. */
export interface Fault {
  readonly words: string;
  readonly places: readonly { readonly path: string; readonly message: string }[];
}

/** Devices and parts with their figures: what ships, and what the firm wrote beside it or in its place. */
export function CataloguePage({ first }: { readonly first: Catalogue }) {
  const [catalogue, setCatalogue] = useState(first);
  const [shelf, setShelf] = useState<ShelfId>('device');
  const [picked, setPicked] = useState<ShelvedItem | 'new' | null>(null);
  const [fault, setFault] = useState<Fault | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const { words, one } = SHELVES[shelf];
  /** Sends a change; the catalogue stands as the server says it does, or the refusal is shown. @returns whether it was taken */
  const send = async (change: () => Promise<Catalogue>, said: string): Promise<boolean> => {
    setDone(null);
    try {
      setCatalogue(await change());
      setFault(null);
      setPicked(null);
      setDone(said);
      return true;
    } catch (error) {
      if (error instanceof Refused) setFault({ words: error.message, places: error.problem.errors });
      else if (error instanceof NotTaken)
        setFault({ words: catalogueWords.nothingWasChanged({ message: error.message }), places: [] });
      else throw error;
      return false;
    }
  };
  const turnTo = (next: ShelfId) => {
    setShelf(next);
    setPicked(null);
    setFault(null);
    setDone(null);
  };
  return (
    <main id="main" className="page catalogue">
      <h1>{catalogueWords.catalogue}</h1>
      <p className="soft">{catalogueWords.whatShipsIsMade}</p>
      <Choices
        label={catalogueWords.shelf}
        options={SHELF_IDS.map((id) => ({ value: id, words: SHELVES[id].words }))}
        chosen={shelf}
        onPick={(id) => id && turnTo(id)}
      />
      <div className="head-row block-top">
        <h2>{words}</h2>
        <Button variant="secondary" onClick={() => setPicked('new')}>
          {catalogueWords.addA({ one })}
        </Button>
      </div>
      {done && <p role="status">{done}</p>}
      {fault && <FaultList fault={fault} />}
      <div className={picked ? 'split wide-drawing' : ''}>
        <ShelfTable
          key={shelf}
          shelf={shelf}
          items={catalogue[shelf]}
          picked={picked === null || picked === 'new' ? null : textOf(picked.values, 'id')}
          onPick={setPicked}
        />
        {picked && (
          <ItemForm
            key={picked === 'new' ? 'new' : textOf(picked.values, 'id')}
            shelf={shelf}
            item={picked === 'new' ? null : picked}
            onSave={(values) =>
              send(
                () => call('/catalogue', answer(isCatalogue), { method: 'POST', body: { items: [{ shelf, values }] } }),
                catalogueWords.isKept({ textOf: textOf(values, 'name') }),
              )
            }
            onRemove={(id) =>
              void send(
                () => call(`/catalogue/${shelf}/${encodeURIComponent(id)}`, answer(isCatalogue), { method: 'DELETE' }),
                catalogueWords.yourOwnItemIs,
              )
            }
            onClose={() => setPicked(null)}
          />
        )}
      </div>
      <CatalogueFiles shelf={shelf} onTake={send} />
    </main>
  );
}

const FEW = 8;

function FaultList({ fault: { words, places } }: { readonly fault: Fault }) {
  return (
    <div className="brick" role="alert">
      <p>{words}</p>
      {places.length > 1 && (
        <ul>
          {places.slice(0, FEW).map(({ path, message }) => (
            <li key={`${path} ${message}`}>
              {path}: {message}
            </li>
          ))}
        </ul>
      )}
      {places.length > FEW && <p>{catalogueWords.andMore({ places: places.length - FEW })}</p>}
    </div>
  );
}
