'use client';
import { useId } from 'react';
import { ToggleButton } from 'react-bootstrap';

interface Props<T extends string> {
  readonly type: 'radio' | 'checkbox';
  readonly label: string;
  /** What somebody else said. */
  readonly also?: string | undefined;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly isOn: (value: T) => boolean;
  /** Called with what was pressed, on or off before. */
  readonly onPress: (value: T) => void;
}

const ROLES = { radio: 'radiogroup', checkbox: 'group' } as const;
/** Keys that let go of the answer that stands; a radio by itself has none. */
const LET_GO = [' ', 'Backspace', 'Delete'];

/** A group of big keys of which some are down: radios or boxes to a reader, with their arrows and their space. */
export function ChoiceKeys<T extends string>({ type, label, also, options, isOn, onPress }: Props<T>) {
  const id = useId();
  const letsGo = type === 'radio';
  return (
    <div className="field wide-field" role={ROLES[type]} aria-label={label}>
      <span className="label" aria-hidden="true">
        {label}
      </span>
      <div
        className="choices"
        onKeyDown={({ key, target }) => {
          const on = options.find(({ value }) => isOn(value));
          if (letsGo && on && LET_GO.includes(key) && target instanceof HTMLInputElement && target.checked)
            onPress(on.value);
        }}
      >
        {options.map(({ value, words }, i) => (
          <ToggleButton
            key={value}
            id={`${id}-${i}`}
            type={type}
            name={id}
            value={value}
            variant="choice"
            checked={isOn(value)}
            onChange={() => onPress(value)}
            onClick={(event) => {
              if (!letsGo || !isOn(value)) return;
              event.preventDefault();
              onPress(value);
            }}
          >
            {words}
          </ToggleButton>
        ))}
      </div>
      {also && <div className="also">{also}</div>}
    </div>
  );
}
