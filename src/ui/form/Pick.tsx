'use client';
import { useId } from 'react';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: T;
  readonly onPick: (value: T) => void;
}

/** One of several in a line of text: a plain select. */
export function Pick<T extends string>({ label, options, chosen, onPick }: Props<T>) {
  const id = useId();
  const picked = (value: string) => {
    const option = options.find((one) => one.value === value);
    if (option) onPick(option.value);
  };
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <select id={id} className="plain" value={chosen} onChange={(event) => picked(event.target.value)}>
        {options.map(({ value, words }) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}
