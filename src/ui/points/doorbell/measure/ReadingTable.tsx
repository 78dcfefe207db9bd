'use client';
import { measureWords } from '@/words/screens';
import { Button, Table } from 'react-bootstrap';
import { format, parseISO } from 'date-fns';
import { midwayWords } from '@/core/points';
import { DRAFT_ID } from '../../../log/draft';
import { useDoorbell } from '../useDoorbell';
import { offset } from '../../../figures/words';
import { readingFigure, readingWords } from '../../../figures/readingWords';

/** What has been read, and how far each lies off the one circuit that explains all. */
export function ReadingTable() {
  const { point, assessment, write } = useDoorbell();
  const { readings } = point;
  if (readings.length === 0) return <p className="soft">{measureWords.nothingReadYetOne}</p>;
  const midway = midwayWords(point);
  const { fits } = assessment.known;
  const wrong = fits.filter(({ contradicts }) => contradicts).length;
  return (
    <>
      <Table className="readings">
        <thead>
          <tr>
            <th>{measureWords.where}</th>
            <th className="n">{measureWords.read}</th>
            <th className="n">{measureWords.offBy}</th>
            <th>
              <span className="visually-hidden">{measureWords.strike}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {readings.map(({ entryId, data, by, at }) => {
            const fit = fits.find(({ id }) => id === entryId);
            const kept = entryId !== DRAFT_ID;
            return (
              <tr key={entryId}>
                <td>
                  {readingWords(data, midway)}
                  <div className="small soft">
                    {kept ? `${by.name}, ${format(parseISO(at), 'd MMM HH:mm')}` : measureWords.typed}
                  </div>
                </td>
                <td className="n">{readingFigure(data)}</td>
                <td className={`n${fit?.contradicts ? ' brick' : ''}`}>{fit ? offset(fit.offBy) : '–'}</td>
                <td>
                  {kept && (
                    <Button
                      variant="link"
                      aria-label={measureWords.strike2({
                        readingWords: readingWords(data, midway),
                        readingFigure: readingFigure(data),
                      })}
                      onClick={() => write('entryStruck', { target: entryId })}
                    >
                      {measureWords.strike}
                    </Button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <p className={`small ${wrong > 0 ? 'brick' : 'soft'}`}>
        {wrong > 0 ? measureWords.ofCantBeExplained({ wrong, fits: fits.length }) : measureWords.allOfThemAgree}
      </p>
    </>
  );
}
