'use client';
import { settingsWords } from '@/words/screens';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { answer } from '@/contract/answers';
import { isFirmTaken, type FirmTaken } from '@/contract/firm';
import { FileIn } from '../form/FileIn';
import { callBytes, NotTaken } from '../log/api';

const FEW = 8;

/** The whole firm out as one file, and in again; what was left out is named. */
export function WholeFirm() {
  const [isTaking, setTaking] = useState(false);
  const [taken, setTaken] = useState<FirmTaken | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    setTaking(true);
    setFault(null);
    setTaken(null);
    try {
      setTaken(await callBytes('/firm', answer(isFirmTaken), file));
    } catch (cause) {
      if (!(cause instanceof NotTaken)) throw cause;
      setFault(`${file.name}: ${cause.message}`);
    } finally {
      setTaking(false);
    }
  };
  return (
    <>
      <h2 className="block-top">{settingsWords.wholeFirm}</h2>
      <p className="soft">{settingsWords.wholeFirmWhy}</p>
      <div className="row-of">
        <a className="btn btn-secondary" href="/api/v1/firm" download>
          <FileDown size={18} aria-hidden="true" /> {settingsWords.takeFirmOut}
        </a>
        <FileIn
          label={isTaking ? settingsWords.takingFirmIn : settingsWords.takeFirmIn}
          accept="application/x-tar,.tar"
          isOff={isTaking}
          onFile={(file) => void take(file)}
        />
      </div>
      {taken && (
        <p className="block-top" role="status">
          {settingsWords.firmTaken(taken)}
        </p>
      )}
      {taken && taken.leftOut.length > 0 && <LeftOut {...taken} />}
      {fault && (
        <p className="brick block-top" role="alert">
          {fault}
        </p>
      )}
    </>
  );
}

function LeftOut({ leftOut }: Pick<FirmTaken, 'leftOut'>) {
  return (
    <div className="brick" role="alert">
      <p>{settingsWords.firmLeftOut({ count: leftOut.length })}</p>
      <ul>
        {leftOut.slice(0, FEW).map(({ name, why }, i) => (
          <li key={`${name} ${i}`}>
            <code>{name}</code>: {why}
          </li>
        ))}
      </ul>
      {leftOut.length > FEW && <p>{settingsWords.andMoreLeftOut({ count: leftOut.length - FEW })}</p>}
    </div>
  );
}
