'use client';
import { floodlightWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { TextInput } from '../../form/TextInput';
import { Button } from 'react-bootstrap';
import { useSay, useTerms } from '../../log/useSay';
import { useState } from 'react';
import { isKeptForLicence } from '@/core/job';
import { TEXT } from '@/core/kinds';
import type { FixtureData, FixtureOptions, FixturePicks } from '@/core/points';
import type { Finding } from '@/core/wiring';
import { useFloodlight } from './useFloodlight';

interface Props {
  readonly options: FixtureOptions;
  readonly data: FixtureData;
  readonly stops: readonly Finding[];
  readonly picks: FixturePicks;
  readonly onPick: (picks: FixturePicks) => void;
}

/** Takes the choice. What the region wants in writing is asked first; a plan that a rule stops may be kept, and holds Wire. */
export function TakeFixture({ options: { asksInWriting, grounds, feeds }, data, stops, picks, onPick }: Props) {
  const say = useSay();
  const terms = useTerms();
  const { keptJob, point, write, go } = useFloodlight();
  const [asked, setAsked] = useState(false);
  const ground = grounds.find(({ id }) => id === data.groundId);
  const feed = feeds.find(({ id }) => id === data.feedId);
  const minutes = data.fixture.minutes + (feed?.minutes ?? 0) + (ground?.minutes ?? 0);
  const missing = asked && asksInWriting !== null;
  return (
    <form
      className="take"
      onSubmit={(event) => {
        event.preventDefault();
        if (asksInWriting !== null) return setAsked(true);
        write('fixtureChosen', data);
      }}
    >
      {ground?.inWriting && (
        <TextInput
          label={floodlightWords.inWriting({ inWriting: say(ground.inWriting) })}
          text={picks.groundWords ?? ''}
          most={TEXT.long}
          fault={missing ? floodlightWords.withoutAGroundIt(terms) : null}
          onType={(groundWords) => onPick({ groundWords })}
        />
      )}
      <p className="soft">
        <Filled
          parts={floodlightWords.aboutMinOfWork<ReactNode>({
            minutes,
            partOfIt: [feed, ground].some((one) => one?.work && isKeptForLicence(keptJob, one.work))
              ? floodlightWords.partOfItLicensed
              : '',
            stops: stops.length > 0 && <b className="brick"> {floodlightWords.aRuleStopsThis}</b>,
          })}
        />
      </p>
      <div className="row-of">
        <Button type="submit">{point.fixture ? floodlightWords.takeItAgain : floodlightWords.takeThisPlan}</Button>
        {point.fixture && stops.length === 0 && (
          <Button variant="secondary" onClick={() => go('isolate')}>
            {floodlightWords.goToIsolate}
          </Button>
        )}
      </div>
    </form>
  );
}
