'use client';
import { ChoiceKeys } from './ChoiceKeys';

interface Props<T extends string> {
  readonly label: string;
  /** What somebody else said. */
  readonly also?: string | undefined;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: readonly T[];
  /** Called with all that are chosen then; null where none is left. */
  readonly onChange: (chosen: T[] | null) => void;
}

/** Any of a few: big keys that stay down, saved at once. */
export function Several<T extends string>({ label, also, options, chosen, onChange }: Props<T>) {
  const turn = (value: T) => {
    const next = chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value];
    onChange(next.length === 0 ? null : next);
  };
  return (
    <ChoiceKeys
      type="checkbox"
      label={label}
      also={also}
      options={options}
      isOn={(value) => chosen.includes(value)}
      onPress={turn}
    />
  );
}
