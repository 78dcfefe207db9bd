'use client';
import type { ReactNode } from 'react';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';

const ADVICE: Readonly<Record<string, string>> = {
  drivenRain: 'Driven rain: seal top and sides, bottom open; the wire hole slopes down to the outside.',
  lowSun: 'Low sun washes faces out: a few degrees of side wedge, or the other side of the door.',
  fullSun: 'Full sun heats it: it may stop charging; keep it off dark metal.',
  dark: 'Dark at night: infrared runs, which is the hungriest state for the supply.',
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
          Set privacy areas over {look.mustNotSee?.map((one) => words('mustNotSee', one)).join(', ')} at Prove.
        </p>
      )}
    </section>
  );
}
