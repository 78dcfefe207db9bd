'use client';
import { doorLookWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { Button, Table } from 'react-bootstrap';
import { answerName } from '@/core/kinds';
import { useSay } from '../../../log/useSay';
import { useState } from 'react';
import { lengthsOf, regionOf } from '@/core/job';
import { LIMITS } from '@/core/kinds';
import { routeOf } from '@/core/points';
import {
  SEGMENT_FACTS,
  SEGMENT_WAYS,
  supplyRoute,
  type RouteSegment,
  type SegmentWay,
  SUPPLY_FACTS,
} from '@/core/supply';
import { lengthText, parseFigure, parseLength, parsed } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { Choices } from '../../../form/Choices';
import { within } from '../../../form/fields';
import { useFacts } from '../../../form/useFacts';
import { Pick } from '../../../form/Pick';
import { useDoorbell } from '../useDoorbell';

const PEOPLE = [
  { value: '1', words: doorLookWords.one },
  { value: '2', words: doorLookWords.two },
] as const;

/** Where there was no bell: where a supply can come from, and the cable's way to the door. */
export function SupplyArea() {
  const say = useSay();
  const { keptJob, kept, write } = useDoorbell();
  const lengths = lengthsOf(keptJob);
  const route = routeOf(keptJob, kept);
  const sum = route && supplyRoute(route);
  const tell = (data: object) => write('supplyPlanned', { supplyId: kept.hangs.supplyId, ...data });
  const { ask } = useFacts('supplyPlanned', { supplyId: kept.hangs.supplyId }, kept.supply);
  const segments = kept.supply.segments ?? [];
  return (
    <section>
      {ask('from')}
      {kept.supply.from !== undefined && kept.supply.from !== 'battery' && (
        <>
          <h2>{doorLookWords.theCablesWayStretch}</h2>
          {segments.length > 0 && (
            <Table className="ways">
              <thead>
                <tr>
                  <th scope="col">{doorLookWords.stretch}</th>
                  <th scope="col" className="number">
                    {doorLookWords.length}
                  </th>
                  <th scope="col" className="number">
                    {doorLookWords.holes}
                  </th>
                  <th scope="col" />
                </tr>
              </thead>
              <tbody>
                {segments.map((segment, i) => (
                  <tr key={i}>
                    <td>{say(SEGMENT_FACTS[segment.way].words)}</td>
                    <td className="number figure">{lengthText(segment.lengthM, lengths)}</td>
                    <td className="number figure">{segment.holes}</td>
                    <td>
                      <Button
                        variant="link"
                        onClick={() => tell({ segments: segments.filter((_one, at) => at !== i) })}
                      >
                        <Filled
                          parts={doorLookWords.takeAway<ReactNode>({
                            stretch: <span className="visually-hidden">{doorLookWords.stretch2({ i: i + 1 })}</span>,
                          })}
                        />
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
          <NewStretch onAdd={(segment) => tell({ segments: [...segments, segment] })} />
          <Choices
            label={doorLookWords.peopleFishingTheCable}
            options={PEOPLE}
            chosen={kept.supply.people === 2 ? '2' : '1'}
            onPick={(people) => tell({ people: people === '2' ? 2 : 1 })}
          />
        </>
      )}
      {sum && (
        <div className="sum-box" data-testid="route-sum">
          <p>
            <b className="figure big">{sum.minutes.toFixed(0)} min</b>
            {sum.ohms !== null && (
              <>
                {' '}
                <Filled
                  parts={doorLookWords.ofCableThereAnd<ReactNode>({
                    lengthM: <b className="figure">{lengthText(sum.lengthM, lengths)}</b>,
                    ohms: <b className="figure">{sum.ohms.toFixed(2)} Ω</b>,
                    holes: sum.holes,
                  })}
                />
              </>
            )}
          </p>
          {sum.mainsWork && (
            <p className="brick">{doorLookWords.mainsWork({ mainsWork: say(regionOf(keptJob).mainsWork) })}</p>
          )}
          {sum.cautions.map((caution) => (
            <p key={say(caution)} className="caution">
              {say(caution)}
            </p>
          ))}
          <p className="small">
            <b>{doorLookWords.bring2}</b> {[...sum.parts, ...sum.tools].map(say).join(' · ')}
          </p>
        </div>
      )}
      {route && route.from !== 'battery' && (
        <p className="soft">
          {doorLookWords.besideItStandsThe({
            answerName: say(answerName('supplyPlanned', 'from', 'battery')),
            minutes: SUPPLY_FACTS.battery.minutes,
            caution: say(SUPPLY_FACTS.battery.caution),
          })}
        </p>
      )}
    </section>
  );
}

function NewStretch({ onAdd }: { readonly onAdd: (segment: RouteSegment) => void }) {
  const say = useSay();
  const { keptJob } = useDoorbell();
  const [way, setWay] = useState<SegmentWay>('surface');
  const unit = lengthsOf(keptJob) === 'metric' ? 'm' : 'ft';
  const holes = { unit: '', unitWords: ['hole', 'holes'], ...LIMITS.holes, zeroAllowed: true };
  const fields = [
    {
      name: 'lengthM',
      label: doorLookWords.lengthOfTheStretch,
      unit,
      figure: true,
      shown: '',
      read: (text: string) => within(parseLength(text, unit), LIMITS.segmentM, (lengthM) => ({ lengthM })),
      cleared: {},
    },
    {
      name: 'holes',
      label: doorLookWords.holesOnIt,
      figure: true,
      shown: '0',
      read: (text: string) => {
        const count = parseFigure(text, holes);
        return count.ok ? parsed({ holes: Math.round(count.value) }) : count;
      },
      cleared: {},
    },
  ];
  return (
    <div className="new-stretch">
      <Pick
        label={doorLookWords.itIsLaid}
        options={SEGMENT_WAYS.map((value) => ({ value, words: say(SEGMENT_FACTS[value].words) }))}
        chosen={way}
        onPick={setWay}
      />
      <AskForm
        fields={fields}
        submit={doorLookWords.addTheStretch}
        onSubmit={(data) => {
          onAdd({ way, ...data });
        }}
      />
    </div>
  );
}
