'use client';
import { useSay } from '../../../log/useSay';
import { midwayWords } from '@/core/points';
import { useDoorbell } from '../useDoorbell';
import { readingFigure, readingWords } from '../../../figures/readingWords';

/** Readings that can hardly be true together: by how much, and what could explain it. */
export function Contradictions() {
  const say = useSay();
  const { assessment, kept } = useDoorbell();
  const { contradictions } = assessment.advice();
  if (contradictions.length === 0) return null;
  const named = (id: string): string => {
    const reading = kept.readings.find(({ entryId }) => entryId === id);
    return reading ? `${readingWords(reading.data, midwayWords(kept))} ${readingFigure(reading.data)}` : 'a reading';
  };
  return (
    <section className="contradicts" role="alert">
      <h2>These do not go together</h2>
      {contradictions.map(({ readings, sigmas, expected, mayBe }) => {
        const [first = '', ...others] = readings;
        const unit = kept.readings.find(({ entryId }) => entryId === first)?.data.what.endsWith('Ohms') ? 'Ω' : 'V';
        return (
          <div key={first}>
            <p>
              <b>{named(first)}</b> against {others.map(named).join(' and ')}: {sigmas.toFixed(0)} times its own doubt
              away.
              {expected && (
                <>
                  {' '}
                  By all the others it should read{' '}
                  <span className="figure">
                    {expected.low.toFixed(1)} to {expected.high.toFixed(1)} {unit}
                  </span>
                  .
                </>
              )}
            </p>
            <p className="soft">It may be that {mayBe.map(say).join('; or ')}.</p>
          </div>
        );
      })}
    </section>
  );
}
