'use client';
import { measureWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { useSay, useTerms } from '../../../log/useSay';
import { midwayWords } from '@/core/points';
import { useDoorbell } from '../useDoorbell';
import { readingFigure, readingWords } from '../../../figures/readingWords';

/** Readings that can hardly be true together: by how much, and what could explain it. */
export function Contradictions() {
  const say = useSay();
  const terms = useTerms();
  const { assessment, kept } = useDoorbell();
  const { contradictions } = assessment.advice();
  if (contradictions.length === 0) return null;
  const named = (id: string): string => {
    const reading = kept.readings.find(({ entryId }) => entryId === id);
    return reading
      ? `${readingWords(reading.data, midwayWords(kept))} ${readingFigure(reading.data)}`
      : measureWords.aReading;
  };
  return (
    <section className="contradicts" role="alert">
      <h2>{measureWords.theseDoNotGo}</h2>
      {contradictions.map(({ readings, sigmas, expected, mayBe }) => {
        const [first = '', ...others] = readings;
        const unit = kept.readings.find(({ entryId }) => entryId === first)?.data.what.endsWith('Ohms') ? 'Ω' : 'V';
        return (
          <div key={first}>
            <p>
              <Filled
                parts={measureWords.againstTimesItsOwn<ReactNode>({
                  named: <b>{named(first)}</b>,
                  others: terms.list(others.map(named)),
                  sigmas: sigmas.toFixed(0),
                  expected: expected && (
                    <>
                      {' '}
                      <Filled
                        parts={measureWords.byAllTheOthers<ReactNode>({
                          low: (
                            <span className="figure">
                              {measureWords.to2({ low: expected.low.toFixed(1), high: expected.high.toFixed(1), unit })}
                            </span>
                          ),
                        })}
                      />
                    </>
                  ),
                })}
              />
            </p>
            <p className="soft">{measureWords.itMayBeThat({ mayBe: mayBe.map(say).join('; or ') })}</p>
          </div>
        );
      })}
    </section>
  );
}
