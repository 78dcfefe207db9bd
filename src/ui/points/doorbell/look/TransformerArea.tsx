'use client';
import { doorLookWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { answerName } from '@/core/kinds';
import type { Say } from '@/words';
import { useMoney } from '../../../figures/useMoney';
import { useSay } from '../../../log/useSay';
import { regionOf } from '@/core/job';
import type { EntryData } from '@/core/kinds';
import { diesWithLight, searchOf } from '@/core/points';
import { PLACE_FACTS, TRANSFORMER_PLACES, WITHOUT_IT, type TransformerPlace } from '@/core/search';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { Pick } from '../../../form/Pick';
import { useDoorbell } from '../useDoorbell';
import { SwitchTrials } from './SwitchTrials';

/** Where a new transformer sits on a rail: whether the board has room decides about an enclosure. */
const RAIL_REGION = 'gb-230';
const placesIn = (say: Say) =>
  TRANSFORMER_PLACES.map((value) => ({ value, words: say(answerName('transformerDescribed', 'foundAt', value)) }));
const NOWHERE = { value: 'none', words: doorLookWords.nowhereYet } as const;

/** Finds the transformer: where to look next, what the clues say, and when to stop looking. */
export function TransformerArea() {
  const { kept, write } = useDoorbell();
  const { foundAt, place, givenUp } = kept.transformer;
  const found = foundAt !== undefined || place !== undefined;
  const tell = (data: Omit<EntryData<'transformerDescribed'>, 'supplyId'>) =>
    write('transformerDescribed', { supplyId: kept.hangs.supplyId, ...data });
  if (givenUp)
    return (
      <section>
        <h2>{doorLookWords.theSearchWasGiven}</h2>
        <p>{doorLookWords.theSupplyComesFrom}</p>
        <Button variant="secondary" onClick={() => tell({ givenUp: null })}>
          {doorLookWords.searchOn}
        </Button>
      </section>
    );
  return <section>{found ? <Found tell={tell} /> : <Search tell={tell} />}</section>;
}

type Tell = (data: Omit<EntryData<'transformerDescribed'>, 'supplyId'>) => void;

function Search({ tell }: { readonly tell: Tell }) {
  const say = useSay();
  const money = useMoney();
  const { keptJob, kept, write } = useDoorbell();
  const search = searchOf(keptJob, kept);
  const { ask } = useFacts('transformerDescribed', { supplyId: kept.hangs.supplyId }, kept.transformer);
  const [next] = search.left;
  const looked = TRANSFORMER_PLACES.filter((place) => place in kept.looked);
  const look = (place: TransformerPlace, result: 'notThere' | null) =>
    write('placeLooked', { supplyId: kept.hangs.supplyId, place, result });
  return (
    <>
      <p data-testid="search-sum">
        {search.expectedMinutes === null ? (
          doorLookWords.itIsInNone
        ) : (
          <>
            <Filled
              parts={doorLookWords.aboutMoreUntilIt<ReactNode>({
                expectedMinutes: <b className="figure">{search.expectedMinutes.toFixed(0)} min</b>,
              })}
            />{' '}
          </>
        )}
        {search.worthLooking === 0 ? (
          <span className="brick">
            {doorLookWords.stopHereSupplyingFrom({ minutes: WITHOUT_IT.minutes, cost: money(WITHOUT_IT.cost) })}
          </span>
        ) : (
          doorLookWords.worthLookingAtAfter({
            oneMorePlace:
              search.worthLooking === 1
                ? doorLookWords.oneMorePlace
                : doorLookWords.more({ worthLooking: search.worthLooking }),
          })
        )}
      </p>
      {next && (
        <div className="big-pair">
          <p>
            <b className="step-words">{say(answerName('transformerDescribed', 'foundAt', next.id))}</b>
            <span className="soft">{say(PLACE_FACTS[next.id].how)}</span>
          </p>
          <div className="row-of">
            <Button variant="secondary" size="lg" onClick={() => look(next.id, 'notThere')}>
              {doorLookWords.notThere}
            </Button>
            <Button size="lg" onClick={() => tell({ foundAt: next.id })}>
              {doorLookWords.foundItHere}
            </Button>
          </div>
        </div>
      )}
      <ol className="places" data-testid="places">
        {search.left.map((place, i) => (
          <li key={place.id} className={i >= search.worthLooking ? 'past' : ''}>
            <span className="bar" aria-hidden="true">
              <i style={{ width: `${(place.probability * 100).toFixed(1)}%` }} />
            </span>
            <span className="what">{say(answerName('transformerDescribed', 'foundAt', place.id))}</span>
            <span className="figure">
              {(place.probability * 100).toFixed(0)} %, {place.minutes} min
            </span>
            {i > 0 && (
              <span className="row-of tight-row">
                <Button variant="link" onClick={() => look(place.id, 'notThere')}>
                  <Filled
                    parts={doorLookWords.notThere2<ReactNode>({
                      part: (
                        <span className="visually-hidden">
                          : {say(answerName('transformerDescribed', 'foundAt', place.id))}
                        </span>
                      ),
                    })}
                  />
                </Button>
                <Button variant="link" onClick={() => tell({ foundAt: place.id })}>
                  <Filled
                    parts={doorLookWords.found<ReactNode>({
                      part: (
                        <span className="visually-hidden">
                          : {say(answerName('transformerDescribed', 'foundAt', place.id))}
                        </span>
                      ),
                    })}
                  />
                </Button>
              </span>
            )}
          </li>
        ))}
        <li className="past">
          <span className="bar" aria-hidden="true">
            <i style={{ width: `${(search.elsewhere * 100).toFixed(1)}%` }} />
          </span>
          <span className="what">{doorLookWords.somewhereElse}</span>
          <span className="figure">{(search.elsewhere * 100).toFixed(0)} %</span>
        </li>
      </ol>
      {looked.length > 0 && (
        <p className="small">
          {doorLookWords.lookedAtInVain}{' '}
          {looked.map((place) => (
            <Button key={place} variant="link" onClick={() => look(place, null)}>
              {doorLookWords.takeBack2({ answerName: say(answerName('transformerDescribed', 'foundAt', place)) })}
            </Button>
          ))}
        </p>
      )}
      <h2>{doorLookWords.clues}</h2>
      {ask('cableLeaves')}
      <div className="fields">
        <Pick
          label={doorLookWords.somethingHumsOrIs}
          options={[NOWHERE, ...placesIn(say)]}
          chosen={kept.transformer.humAt ?? 'none'}
          onPick={(humAt) => tell({ humAt: humAt === 'none' ? null : humAt })}
        />
      </div>
      <SwitchTrials />
      <Button variant="secondary" className="block-top" onClick={() => tell({ givenUp: true })}>
        {doorLookWords.giveTheSearchUp}
      </Button>
    </>
  );
}

/** Where it is, how it was told apart, whether it is always fed: only together they are “found”. */
function Found({ tell }: { readonly tell: Tell }) {
  const say = useSay();
  const { keptJob, kept } = useDoorbell();
  const { foundAt, joined } = kept.transformer;
  const { ask, typed } = useFacts('transformerDescribed', { supplyId: kept.hangs.supplyId }, kept.transformer);
  return (
    <>
      <div className="fields">
        <Pick
          label={doorLookWords.found2}
          options={[NOWHERE, ...placesIn(say)]}
          chosen={foundAt ?? 'none'}
          onPick={(at) => tell(at === 'none' ? { foundAt: null, place: null } : { foundAt: at })}
        />
        <FieldGroup kind="transformerDescribed" scope={{ supplyId: kept.hangs.supplyId }} fields={[typed('place')]} />
      </div>
      {ask('plugged')}
      {ask('toldApart')}
      <p className="caution">{say(regionOf(keptJob).cautions.transformer)}</p>
      {regionOf(keptJob).id === RAIL_REGION && (
        <FieldGroup
          kind="transformerDescribed"
          scope={{ supplyId: kept.hangs.supplyId }}
          fields={[typed('freeWays')]}
        />
      )}
      <SwitchTrials />
      {ask('alwaysFed')}
      {diesWithLight(kept) && <p className="brick">{doorLookWords.itsFeedIsSwitched}</p>}
      {ask('joined')}
      {joined === 'yes' && <p className="caution">{doorLookWords.twoTransformersJoinedOn}</p>}
    </>
  );
}
