'use client';
import { ChoiceKeys } from './ChoiceKeys';

interface Props<T extends string> {
  readonly label: string;
  /** What somebody else said. */
  readonly also?: string | undefined;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: T | undefined;
  /** Called with the picked value, or null when the chosen one is pressed again. */
  readonly onPick: (value: T | null) => void;
}

/** One of a few: big keys, saved at once. */
export function Choices<T extends string>({ label, also, options, chosen, onPick }: Props<T>) {
  return (
    <ChoiceKeys
      type="radio"
      label={label}
      also={also}
      options={options}
      isOn={(value) => value === chosen}
      onPress={(value) => onPick(value === chosen ? null : value)}
    />
  );
}

/** Options from a table of words. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, words: words[value] }));
