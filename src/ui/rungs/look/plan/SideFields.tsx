'use client';
import { planWords } from '@/words/screens';
import { LIMITS } from '@/core/kinds';
import { lengthsOf } from '@/core/job';
import { closingSide, sidesOf, withLength, withTurn, type Corner } from '@/core/site';
import { lengthText } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { figureField, optional, runField } from '../../../form/fields';
import { useJob } from '../../../log/JobContext';

interface Props {
  readonly corners: readonly Corner[];
  readonly onReshape: (corners: readonly Corner[]) => void;
}

const TURN = { unit: '°', unitWords: ['°', 'deg'], ...LIMITS.turnDeg, zeroAllowed: true };

/** The sides of an outline with the turns at their ends, each to be typed; the last closes it. */
export function SideFields({ corners, onReshape }: Props) {
  const { keptJob } = useJob();
  const lengths = lengthsOf(keptJob);
  const sides = sidesOf(corners);
  const last = closingSide(corners);
  return (
    <ol className="sides">
      {sides.map(({ lengthM, turnDeg }, i) =>
        i === last ? (
          <li key={i}>{planWords.closes({ length: lengthText(lengthM, lengths) })}</li>
        ) : (
          // What was typed is the outline now: the fields begin anew with it
          <li key={`${i} ${lengthM.toFixed(3)} ${turnDeg.toFixed(2)}`}>
            <AskForm
              about={`side-${i}`}
              fields={[
                optional(runField('lengthM', planWords.side({ number: i + 1 }), lengths, lengthM, LIMITS.runM)),
                ...(i < last - 1
                  ? [optional(figureField('turnDeg', planWords.turnRight, TURN, Number(turnDeg.toFixed(1))))]
                  : []),
              ]}
              submit={planWords.takeSide}
              onSubmit={(said: { readonly lengthM?: number; readonly turnDeg?: number }) => {
                const longer = said.lengthM === undefined ? corners : withLength(corners, i, said.lengthM);
                onReshape(said.turnDeg === undefined ? longer : withTurn(longer, i, said.turnDeg));
              }}
            />
          </li>
        ),
      )}
    </ol>
  );
}
