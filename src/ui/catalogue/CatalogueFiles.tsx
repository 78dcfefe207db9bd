'use client';
import { catalogueWords } from '@/words/screens';
import { answer, isCatalogue } from '@/contract/answers';
import { FileDown } from 'lucide-react';
import { SHELVES, type Catalogue, type ShelfId } from '@/core/catalogue';
import { FileIn } from '../form/FileIn';
import { callText } from '../log/api';

interface Props {
  readonly shelf: ShelfId;
  readonly onTake: (change: () => Promise<Catalogue>, said: string) => Promise<boolean>;
}

/** A shelf as a table for a spreadsheet, and all own items as one file; both ways, all of it or nothing. */
export function CatalogueFiles({ shelf, onTake }: Props) {
  const words = SHELVES[shelf].words.toLowerCase();
  const take = async (file: File, path: string, type: string) => {
    const text = await file.text();
    await onTake(() => callText(path, answer(isCatalogue), text, type), catalogueWords.isTakenIn({ name: file.name }));
  };
  return (
    <section className="block-top">
      <h2>{catalogueWords.inAndOut}</h2>
      <div className="row-of">
        <a className="btn btn-secondary" href={`/api/v1/catalogue/${shelf}/csv`} download>
          <FileDown size={18} aria-hidden="true" /> {catalogueWords.asCSV({ words: SHELVES[shelf].words })}
        </a>
        <FileIn
          label={catalogueWords.takeInFromCSV({ words })}
          accept="text/csv,.csv"
          onFile={(file) => void take(file, `/catalogue/${shelf}/csv`, 'text/csv')}
        />
        <a className="btn btn-secondary" href="/api/v1/catalogue/file" download>
          <FileDown size={18} aria-hidden="true" /> {catalogueWords.allOwnItemsAs}
        </a>
        <FileIn
          label={catalogueWords.takeInItemsFrom}
          accept="application/json,.json"
          onFile={(file) => void take(file, '/catalogue', 'application/json')}
        />
      </div>
      <p className="small soft">{catalogueWords.aTableHasOne}</p>
    </section>
  );
}
