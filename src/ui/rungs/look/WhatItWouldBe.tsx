'use client';
import { lookWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { said } from '@/core/said';
import { useMemo } from 'react';
import { type Judgement } from '@/core/bell';
import { trialDoors } from '@/core/job';
import type { Doorbell, Shares } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { margin } from '../../figures/words';

const SHARE_WORDS: Readonly<Record<Shares, string>> = {
  chime: lookWords.sameChime,
  supply: lookWords.transformerAlone,
  nothing: lookWords.ownSupply,
};

interface Props {
  readonly door: Doorbell;
  readonly chosen: Shares | undefined;
}

/** What each answer would come to, for the new door and for the one beside it, worked out before anything is written. */
export function WhatItWouldBe({ door, chosen }: Props) {
  const { keptJob, log } = useJob();
  const { entries } = log;
  const { id, title, createdAt } = keptJob;
  const trials = useMemo(
    () => trialDoors({ id, title, createdAt }, entries, door),
    [createdAt, door, entries, id, title],
  );
  return (
    <Table data-testid="door-trials">
      <thead>
        <tr>
          <th>{lookWords.onThe}</th>
          <th>{lookWords.theNewDoor}</th>
          <th>{door.name}</th>
        </tr>
      </thead>
      <tbody>
        {trials.map(({ shares, here, beside }) => (
          <tr key={shares} aria-current={shares === chosen ? 'true' : undefined}>
            <td>{SHARE_WORDS[shares]}</td>
            <td>{here ? <Word judgement={here} /> : <span className="soft">{lookWords.measuredFirst}</span>}</td>
            <td>
              <Word judgement={beside} />
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

const Word = ({ judgement: { verdict, marginVolts, governingVolts } }: { readonly judgement: Judgement }) => {
  const say = useSay();
  return (
    <>
      <b className={verdict}>{say(said('verdict', { verdict: verdict }))}</b>
      {governingVolts > 0 && <span className="figure block">{margin(marginVolts)}</span>}
    </>
  );
};
