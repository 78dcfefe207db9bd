'use client';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: T | undefined;
  /** Called with the picked value, or null when the chosen one is pressed again. */
  readonly onPick: (value: T | null) => void;
}

/** One of a few: big buttons, saved at once. */
export function Choices<T extends string>({ label, options, chosen, onPick }: Props<T>) {
  return (
    <div className="field wide-field" role="group" aria-label={label}>
      <span className="label">{label}</span>
      <div className="choices">
        {options.map(({ value, words }) => (
          <button
            key={value}
            type="button"
            aria-pressed={chosen === value}
            onClick={() => onPick(chosen === value ? null : value)}
          >
            {words}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Options from a table of words. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, words: words[value] }));
