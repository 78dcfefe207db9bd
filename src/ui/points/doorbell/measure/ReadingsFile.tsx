'use client';
import { measureWords } from '@/words/screens';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { readingsFromCsv, type CsvFault } from '@/contract/readingsCsv';
import { meterOf } from '@/core/points';
import { FileIn } from '../../../form/FileIn';
import { useDoorbell } from '../useDoorbell';

const FEW_FAULTS = 6;

/** Readings out as a table and back in: all rows or none, each fault by its row and column. */
export function ReadingsFile() {
  const { job, keptJob, point, write } = useDoorbell();
  const [faults, setFaults] = useState<readonly CsvFault[]>([]);
  const [taken, setTaken] = useState<number | null>(null);
  const take = async (file: File) => {
    const read = readingsFromCsv(await file.text(), point.id);
    setFaults(read.ok ? [] : read.faults);
    setTaken(read.ok ? read.readings.length : null);
    if (read.ok) for (const reading of read.readings) write('readingTaken', { ...reading, ...meterOf(keptJob) });
  };
  return (
    <>
      <div className="row-of">
        <a className="btn btn-secondary" href={`/api/v1/jobs/${job.id}/readings`} download>
          <FileDown size={18} aria-hidden="true" /> {measureWords.readingsAsCSV}
        </a>
        <FileIn label={measureWords.takeInACSV} accept="text/csv,.csv" onFile={(file) => void take(file)} />
      </div>
      {taken !== null && (
        <p role="status">
          {measureWords.takenIn({
            oneReading: taken === 1 ? measureWords.oneReading : measureWords.readings({ taken }),
          })}
        </p>
      )}
      {faults.length > 0 && (
        <div className="brick" role="alert">
          <p>{measureWords.nothingWasTakenIn}</p>
          <ul>
            {faults.slice(0, FEW_FAULTS).map(({ row, column, message }) => (
              <li key={`${row} ${column} ${message}`}>{measureWords.row({ row, column, message })}</li>
            ))}
          </ul>
          {faults.length > FEW_FAULTS && <p>{measureWords.andMore({ faults: faults.length - FEW_FAULTS })}</p>}
        </div>
      )}
    </>
  );
}
