'use client';
import { findingsOf, fixtureOf } from '@/core/points';
import { PlanTag } from '../box/PlanTag';
import { useFloodlight } from './useFloodlight';

/** Whether the plan of the box stands; nothing before one is taken. */
export function FloodlightCarried() {
  const { job, point } = useFloodlight();
  const standing = fixtureOf(point);
  return (
    standing && (
      <div className="carry-verdict">
        <PlanTag standing={standing} planned={findingsOf(job, point).planned} />
      </div>
    )
  );
}
