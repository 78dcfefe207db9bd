'use client';
import { checkById } from '@/core/prove';
import { proveWords } from '@/words/screens';
import { useDoorbell } from '../useDoorbell';
import { OpenVoltsAnswer } from './OpenVoltsAnswer';

/** The reading that a step of Wire takes, with its field; what was read stands in its place. */
export function OpenVoltsStep() {
  const { point, write } = useDoorbell();
  const check = checkById('newOpenVolts');
  const given = point.checks.newOpenVolts?.data;
  if (!check) return null;
  if (given)
    return (
      <p className={given.result === 'failed' ? 'brick' : 'moss'} data-testid="open-read">
        {proveWords.openVoltsRead}:{' '}
        <b className="figure">{given.figure === undefined ? given.result : `${given.figure} V`}</b> {given.reason}
      </p>
    );
  return (
    <OpenVoltsAnswer
      check={check}
      onDone={(data) => write('checkDone', { pointId: point.id, check: check.id, ...data })}
    />
  );
}
