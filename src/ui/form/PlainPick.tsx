'use client';
import { Form } from 'react-bootstrap';

interface Props<T extends string> {
  /** For those who don’t see what stands beside it; a label above needs none. */
  readonly name?: string;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: T | undefined;
  /** What stands there where none of the options is chosen. */
  readonly none?: string;
  readonly onPick: (value: T) => void;
}

/** The select itself: what comes back is one of its options. */
export function PlainPick<T extends string>({ name, options, chosen, none, onPick }: Props<T>) {
  return (
    <Form.Select
      aria-label={name}
      value={chosen ?? ''}
      onChange={({ target }) => {
        const picked = options.find(({ value }) => value === target.value);
        if (picked) onPick(picked.value);
      }}
    >
      {none !== undefined && (
        <option value="" disabled>
          {none}
        </option>
      )}
      {options.map(({ value, words }) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </Form.Select>
  );
}
