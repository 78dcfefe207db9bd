'use client';
import { plugFloodlightWords } from '@/words/screens';
import { findingsOf } from '@/core/points';
import { usePlugFloodlight } from './usePlugFloodlight';

/** Whether the outlet suffices for the camera that was taken; nothing before one is. */
export function PlugCarried() {
  const { job, point } = usePlugFloodlight();
  if (!point.fixture) return null;
  const stands = findingsOf(job, point).planned.every(({ severity }) => severity !== 'stop');
  return (
    <div className="carry-verdict" data-testid="plan-tag">
      <b className={stands ? 'moss' : 'brick'}>
        {stands ? plugFloodlightWords.thePlanStands : plugFloodlightWords.thePlanDoesNot}
      </b>{' '}
      <span className="soft">{point.fixture.data.fixture.name}</span>
    </div>
  );
}
