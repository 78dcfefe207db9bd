'use client';
import { proveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import type { Check } from '@/core/prove';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

/** Checks that want no figure and are still open, at one tap: each is written by itself, and struck by itself. */
export function PassTogether({ checks }: { readonly checks: readonly Check[] }) {
  const say = useSay();
  const { point, write } = useJob();
  if (checks.length < 2) return null;
  return (
    <section className="block-top" data-testid="pass-together">
      <p className="small soft">{checks.map(({ name }) => say(name)).join(' · ')}</p>
      <Button
        variant="secondary"
        onClick={() => {
          for (const { id } of checks) write('checkDone', { pointId: point.id, check: id, result: 'passed' });
        }}
      >
        {proveWords.allSeen({ count: checks.length })}
      </Button>
    </section>
  );
}
