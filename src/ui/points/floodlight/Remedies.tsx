'use client';
import { regionOf } from '@/core/job';
import { inWordsOf } from '@/core/region';
import { useFloodlight } from './useFloodlight';

interface Remedy {
  readonly id: string;
  readonly name: string;
  readonly when: string;
  readonly minutes: number;
  readonly licensed: boolean;
  /** Shown for its figures; it is done elsewhere. */
  readonly idle?: boolean;
}

interface Props {
  readonly legend: string;
  readonly name: string;
  readonly options: readonly Remedy[];
  readonly chosen: string;
  readonly onPick: (id: string) => void;
}

/** One of several ways, each with when it is right, how long it takes and who may do it. */
export function Remedies({ legend, name, options, chosen, onPick }: Props) {
  const { job } = useFloodlight();
  const place = (text: string): string => inWordsOf(regionOf(job), text);
  return (
    <fieldset className="group">
      <legend>{legend}</legend>
      <ul className="remedies">
        {options.map(({ id, name: words, when, minutes, licensed, idle }) => (
          <li key={id}>
            <label>
              <input
                type="radio"
                name={name}
                value={id}
                checked={chosen === id}
                disabled={idle}
                onChange={() => onPick(id)}
              />
              <span>
                {place(words)}
                {licensed && <b className="brick"> licensed work</b>}
                <small>{place(when)}</small>
              </span>
              <span className="figure small">{minutes > 0 ? `${minutes} min` : ''}</span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
