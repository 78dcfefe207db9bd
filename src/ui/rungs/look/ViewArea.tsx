'use client';
import { MUST_NOT_SEE, NIGHT_LIGHTS, RAINS, SHOULD_SEE, SUNS, type EntryData } from '@/core/kinds';
import type { ReactNode } from 'react';
import { Choices } from '../../kit/form/Choices';
import { Several } from '../../kit/form/Several';
import { useJob } from '../../kit/job/JobContext';

const SHOULD_WORDS = { faces: 'faces', parcel: 'parcel on the mat', gate: 'gate', bins: 'bins', car: 'car' };
const MUST_NOT_WORDS = { neighbour: 'neighbour’s garden', street: 'street', window: 'somebody’s window' };
const RAIN_WORDS = { sheltered: 'sheltered', someRain: 'some rain', drivenRain: 'driven rain' };
const SUN_WORDS = { shade: 'shade', lowSun: 'low sun into it', fullSun: 'full sun' };
const LIGHT_WORDS = { lit: 'lit', dim: 'dim', dark: 'dark' };
const ADVICE: Readonly<Record<string, string>> = {
  drivenRain: 'Driven rain: seal top and sides, bottom open; the wire hole slopes down to the outside.',
  lowSun: 'Low sun washes faces out: a few degrees of side wedge, or the other side of the door.',
  fullSun: 'Full sun heats it: it may stop charging; keep it off dark metal.',
  dark: 'Dark at night: infrared runs, which is the hungriest state for the supply.',
};

const options = <T extends string>(values: readonly T[], words: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, words: words[value] }));

/** What should be seen and what must not, and what light and weather do to the spot. A kind adds what it makes of that. */
export function ViewArea({ children }: { readonly children?: ReactNode }) {
  const { kept, point, write } = useJob();
  const { look } = kept;
  const say = (data: Omit<EntryData<'pointDescribed'>, 'pointId'>) =>
    write('pointDescribed', { pointId: point.id, ...data });
  const advice = [look.rain, look.sun, look.nightLight].flatMap((one) => (one && ADVICE[one] ? [ADVICE[one]] : []));
  return (
    <section>
      <Several
        label="should be seen"
        options={options(SHOULD_SEE, SHOULD_WORDS)}
        chosen={look.shouldSee ?? []}
        onChange={(shouldSee) => say({ shouldSee })}
      />
      {children}
      <Several
        label="must not be seen"
        options={options(MUST_NOT_SEE, MUST_NOT_WORDS)}
        chosen={look.mustNotSee ?? []}
        onChange={(mustNotSee) => say({ mustNotSee })}
      />
      <Choices label="rain" options={options(RAINS, RAIN_WORDS)} chosen={look.rain} onPick={(rain) => say({ rain })} />
      <Choices label="sun" options={options(SUNS, SUN_WORDS)} chosen={look.sun} onPick={(sun) => say({ sun })} />
      <Choices
        label="light at night"
        options={options(NIGHT_LIGHTS, LIGHT_WORDS)}
        chosen={look.nightLight}
        onPick={(nightLight) => say({ nightLight })}
      />
      {advice.map((line) => (
        <p key={line} className="soft">
          {line}
        </p>
      ))}
      {(look.mustNotSee?.length ?? 0) > 0 && (
        <p className="soft">
          Set privacy areas over {look.mustNotSee?.map((one) => MUST_NOT_WORDS[one]).join(', ')} at Prove.
        </p>
      )}
    </section>
  );
}
