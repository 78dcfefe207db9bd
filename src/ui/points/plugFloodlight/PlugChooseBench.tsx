'use client';
import { Button } from 'react-bootstrap';
import { said } from '@/core/said';
import { useSay } from '../../log/useSay';
import { lengthsOf } from '@/core/job';
import { plugChoiceOf, plugOptions } from '@/core/points';
import { lengthText } from '@/core/units';
import { useState } from 'react';
import { Pick } from '../../form/Pick';
import { LeadDrawing } from './LeadDrawing';
import { usePlugFloodlight } from './usePlugFloodlight';

/** Cameras with a plug, whether the outlet suffices for each, and what it takes. */
export function PlugChooseBench() {
  const say = useSay();
  const { job, point, catalogue, write, go } = usePlugFloodlight();
  const [own, setOwn] = useState<string | null>(null);
  const options = plugOptions(point, catalogue);
  const picked = options.find(({ fixture }) => fixture.id === (own ?? point.fixture?.data.fixture.id)) ?? options[0];
  if (!picked) return <p>The catalogue holds no floodlight camera with a plug: add one there.</p>;
  const { fixture, asked, suffices } = picked;
  const taken = point.fixture?.data.fixture.id === fixture.id;
  return (
    <>
      <Pick
        label="camera"
        options={options.map(({ fixture: { id, name } }) => ({ value: id, words: name }))}
        chosen={fixture.id}
        onPick={setOwn}
      />
      <p>
        Its lead is <b className="figure">{lengthText(fixture.plugLeadM, lengthsOf(job))}</b> long; it draws{' '}
        <b className="figure">{fixture.cameraVa + fixture.lampVa} VA</b> with its lamps on. {fixture.remark}
      </p>
      <LeadDrawing
        wayM={point.outlet.wayM}
        plugLeadM={fixture.plugLeadM}
        lengths={lengthsOf(job)}
        outlet={say(said('theOutlet'))}
      />
      <section data-testid="outlet-fit">
        <h2>{suffices ? 'It will do here' : 'Not so yet'}</h2>
        <ul className="plain-list">
          {asked
            .filter((one) => !one.suffices)
            .map(({ words }) => (
              <li key={say(words)} className="brick">
                {say(words)}
              </li>
            ))}
        </ul>
        {suffices && (
          <p className="moss">
            The lead reaches with a drip loop; the {say(said('theOutlet'))} is always on, protected, covered.
          </p>
        )}
      </section>
      <p className="soft">About {fixture.minutes} min of work, no conductor bared.</p>
      <div className="row-of">
        <Button onClick={() => write('plugFixtureChosen', plugChoiceOf(point.id, fixture))}>
          {taken ? 'Take it again' : 'Take this camera'}
        </Button>
        {taken && suffices && (
          <Button variant="secondary" onClick={() => go('wire')}>
            Go to Wire
          </Button>
        )}
      </div>
    </>
  );
}
