'use client';
import { plugFloodlightWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
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
  if (!picked) return <p>{plugFloodlightWords.theCatalogueHoldsNo}</p>;
  const { fixture, asked, suffices } = picked;
  const taken = point.fixture?.data.fixture.id === fixture.id;
  return (
    <>
      <Pick
        label={plugFloodlightWords.camera}
        options={options.map(({ fixture: { id, name } }) => ({ value: id, words: name }))}
        chosen={fixture.id}
        onPick={setOwn}
      />
      <p>
        <Filled
          parts={plugFloodlightWords.itsLeadIsLong<ReactNode>({
            plugLeadM: <b className="figure">{lengthText(fixture.plugLeadM, lengthsOf(job))}</b>,
            cameraVa: <b className="figure">{fixture.cameraVa + fixture.lampVa} VA</b>,
            remark: fixture.remark,
          })}
        />
      </p>
      <LeadDrawing
        wayM={point.outlet.wayM}
        plugLeadM={fixture.plugLeadM}
        lengths={lengthsOf(job)}
        outlet={say(said('theOutlet'))}
      />
      <section data-testid="outlet-fit">
        <h2>{suffices ? plugFloodlightWords.itWillDoHere : plugFloodlightWords.notSoYet}</h2>
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
          <p className="moss">{plugFloodlightWords.theLeadReachesWith({ theOutlet: say(said('theOutlet')) })}</p>
        )}
      </section>
      <p className="soft">{plugFloodlightWords.aboutMinOfWork({ minutes: fixture.minutes })}</p>
      <div className="row-of">
        <Button onClick={() => write('plugFixtureChosen', plugChoiceOf(point.id, fixture))}>
          {taken ? plugFloodlightWords.takeItAgain : plugFloodlightWords.takeThisCamera}
        </Button>
        {taken && suffices && (
          <Button variant="secondary" onClick={() => go('wire')}>
            {plugFloodlightWords.goToWire}
          </Button>
        )}
      </div>
    </>
  );
}
