'use client';
import { practiceWords } from '@/words/screens';

interface Props {
  readonly bars: readonly {
    readonly words: string;
    /** Null: it is being worked out; none: it was not found. */
    readonly minutes: number | 'none' | null;
  }[];
}

/** Minutes of one beside another, each as long as it took. */
export function Bars({ bars }: Props) {
  const lengthOf = (minutes: number | 'none' | null): number => (typeof minutes === 'number' ? minutes : 0);
  const most = Math.max(1, ...bars.map(({ minutes }) => lengthOf(minutes)));
  return (
    <ul className="bench-bars">
      {bars.map(({ words, minutes }, i) => (
        <li key={words}>
          <span>{words}</span>
          <span className="bar" aria-hidden="true">
            <i className={i === 0 ? 'own' : undefined} style={{ width: `${(100 * lengthOf(minutes)) / most}%` }} />
          </span>
          <b className="m">
            {minutes === null
              ? '…'
              : minutes === 'none'
                ? practiceWords.notFound
                : practiceWords.minutes({ minutes: Math.round(minutes) })}
          </b>
        </li>
      ))}
    </ul>
  );
}
