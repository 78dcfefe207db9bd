'use client';
import { boxWords } from '@/words/screens';
import { useSay, useTerms } from '../../log/useSay';
import { conclusionsOf, conductorOf, type Missing } from '@/core/points';
import { TEST_FACTS, type NextTest } from '@/core/junction';
import { Button } from 'react-bootstrap';
import { AskForm } from '../../form/AskForm';
import { figureField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

const POSITION_WORDS = { allOff: boxWords.everySwitchOff, allOn: boxWords.everySwitchOn } as const;
const RULES = {
  V: { unit: 'V', unitWords: ['v', 'volt', 'volts'], least: 0, most: 1000, zeroAllowed: true },
  A: { unit: 'A', unitWords: ['a', 'amp', 'amps'], least: 0, most: 100, zeroAllowed: true },
  Ω: { unit: 'Ω', unitWords: ['ω', 'ohm', 'ohms'], least: 0, most: 100_000, zeroAllowed: true },
} as const;

/** The one test to do now at the box, with its field; what is still to be said of the box first. */
export function TestNext({ missing }: { readonly missing: Missing | undefined }) {
  const say = useSay();
  const { kept } = useJob();
  const { next } = conclusionsOf(kept);
  if (next) return <Ask key={`${next.conductor}-${next.test}-${next.switches ?? ''}`} next={next} />;
  return missing ? (
    <div className="next-test">
      <p className="what">{say(missing.words)}</p>
      <p className="soft">{say(missing.why)}</p>
    </div>
  ) : null;
}

function Ask({ next }: { readonly next: NextTest }) {
  const say = useSay();
  const { kept, write, go } = useJob();
  const { test, switches, conductor, name } = next;
  const { words, how, unit } = TEST_FACTS[test];
  const at = conductorOf(kept, conductor);
  const terms = useTerms();
  return (
    <div className="next-test" data-testid="next-test">
      <p className="what">
        {say(name)}: {say(words)}
        {switches ? `, ${POSITION_WORDS[switches]}` : ''}
      </p>
      <p className="soft">{say(how)}</p>
      {test !== 'groundOhms' && <p className="caution">{boxWords.liveAMainsRated({ hot: terms.hot })}</p>}
      {test !== 'groundOhms' && !('box-spread' in kept.ticks) && (
        <p className="small">
          {boxWords.spreadDeadFirst}{' '}
          <Button variant="secondary" onClick={() => go('wire')}>
            {boxWords.itsStepsAtWire}
          </Button>
        </p>
      )}
      <AskForm
        key={conductor}
        about={`${conductor}/${test}/${switches ?? ''}`}
        fields={[
          {
            ...figureField('value', boxWords.at({ words: say(words), name: say(name) }), RULES[unit], undefined),
            asked: true,
            meter: {
              function: unit === 'V' ? 'voltsAc' : unit === 'A' ? 'ampsAc' : 'ohms',
              from: test === 'fromHot' || test === 'loadAmps' ? 'hot' : 'earth',
              to: 'conductor',
              state: 'open',
              conductor: { key: conductor, test, switches },
            },
          },
        ]}
        submit={boxWords.writeItDown}
        main
        onSubmit={({ value }, marks) =>
          at &&
          write('conductorTested', {
            boxId: kept.hangs.boxId,
            ...at,
            test,
            ...(switches ? { switches } : {}),
            value,
            ...marks,
          })
        }
      />
    </div>
  );
}
