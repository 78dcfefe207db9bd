'use client';
import { practiceWords } from '@/words/screens';
import { useEffect, useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { PlayedRound } from '@/contract/practice';
import type { BenchAct, RoundAsked } from '@/core/practice';
import { useCrew } from '../crew/CrewContext';
import { NotTaken, Refused } from '../log/api';
import { sendRound } from './waitingRounds';

interface Props {
  readonly id: string;
  readonly asked: Extract<RoundAsked, { of: 'made' }>;
  readonly acts: readonly BenchAct[];
  /** Null: it is being worked out. */
  readonly bestMinutes: number | null;
  /** As the server has it; undefined: it does not. */
  readonly kept: PlayedRound | undefined;
  readonly onKept: (round: PlayedRound) => void;
}

/** Sends the round to be kept under the name of who is at work; it says so only once it is. */
export function KeepIt({ id, asked, acts, bestMinutes, kept, onKept }: Props) {
  const { who } = useCrew();
  const [fault, setFault] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const tell = useRef(onKept);
  useEffect(() => {
    tell.current = onKept;
  });
  // Whose it is stands once it is kept, whoever is at work then
  const byId = kept?.by.id ?? who?.id;
  const isWhole = kept !== undefined && (kept.bestMinutes !== null || bestMinutes === null);
  useEffect(() => {
    if (byId === undefined || isWhole) return;
    let isWanted = true;
    const { level, seed } = asked;
    sendRound({ id, byId, level, seed, bestMinutes, acts }).then(
      (round) => isWanted && tell.current(round),
      (error: unknown) => {
        if (!(error instanceof NotTaken)) throw error;
        if (isWanted) setFault(error instanceof Refused ? error.message : practiceWords.notKept);
      },
    );
    return () => {
      isWanted = false;
    };
  }, [acts, asked, bestMinutes, byId, id, isWhole, tries]);
  if (kept) return <p role="status">{practiceWords.keptFor({ name: kept.by.name })}</p>;
  if (!who) return <p className="soft">{practiceWords.whoPlayed}</p>;
  if (fault === null) return <p className="soft working">{practiceWords.working}</p>;
  return (
    <p className="brick" role="alert">
      {fault}{' '}
      <Button
        variant="link"
        onClick={() => {
          setFault(null);
          setTries(tries + 1);
        }}
      >
        {practiceWords.keepAgain}
      </Button>
    </p>
  );
}
