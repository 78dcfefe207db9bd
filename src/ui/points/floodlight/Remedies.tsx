'use client';
import { floodlightWords } from '@/words/screens';
import { Form } from 'react-bootstrap';
import type { Text } from '@/core/said';
import { isKeptForLicence } from '@/core/job';
import type { Work } from '@/core/region';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

interface Remedy {
  readonly id: string;
  readonly name: Text;
  readonly when: Text;
  readonly minutes: number;
  /** What of it places keep for a licence; null: ordinary work. */
  readonly work: Work | null;
  /** What does not go with it here; none where all does. */
  readonly unfit?: readonly Text[];
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
  const say = useSay();
  const { keptJob } = useJob();
  return (
    <fieldset className="group">
      <legend>{legend}</legend>
      <ul className="remedies">
        {options.map(({ id, name: words, when, minutes, work, unfit, idle }) => (
          <li key={id}>
            <Form.Check
              type="radio"
              id={`${name}-${id}`}
              name={name}
              value={id}
              checked={chosen === id}
              disabled={idle ?? false}
              onChange={() => onPick(id)}
              label={
                <>
                  <span>
                    {say(words)}
                    {work && isKeptForLicence(keptJob, work) && (
                      <b className="brick"> {floodlightWords.licensedWork}</b>
                    )}
                    <small>{say(when)}</small>
                    {unfit?.map((one) => (
                      <small key={say(one)} className="brick">
                        {say(one)}
                      </small>
                    ))}
                  </span>
                  <span className="figure small">{minutes > 0 ? `${minutes} min` : ''}</span>
                </>
              }
            />
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
