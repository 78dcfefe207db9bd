'use client';
import { lookWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';

const ADVICE: Readonly<Record<string, string>> = {
  drivenRain: lookWords.drivenRainSealTop,
  lowSun: lookWords.lowSunWashesFaces,
  fullSun: lookWords.fullSunHeatsIt,
  dark: lookWords.darkAtNightInfrared,
};

/** What should be seen and what must not, and what light and weather do to the spot. A kind adds what it makes of that. */
export function ViewArea({ children }: { readonly children?: ReactNode }) {
  const { kept, point } = useJob();
  const { look } = kept;
  const { ask, words } = useFacts('pointDescribed', { pointId: point.id }, look);
  const advice = [look.rain, look.sun, look.nightLight].flatMap((one) => (one && ADVICE[one] ? [ADVICE[one]] : []));
  return (
    <section>
      {ask('shouldSee')}
      {children}
      {ask('mustNotSee')}
      {ask('rain')}
      {ask('sun')}
      {ask('nightLight')}
      {advice.map((line) => (
        <p key={line} className="soft">
          {line}
        </p>
      ))}
      {(look.mustNotSee?.length ?? 0) > 0 && (
        <p className="soft">
          <Filled
            parts={lookWords.setPrivacyAreasOver<ReactNode>({
              mustNotSee: look.mustNotSee?.map((one) => words('mustNotSee', one)).join(', '),
            })}
          />
        </p>
      )}
    </section>
  );
}
