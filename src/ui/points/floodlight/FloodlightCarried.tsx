'use client';
import { regionOf } from '@/core/job';
import { findingsOf, fixtureOf } from '@/core/points';
import { inWordsOf } from '@/core/region';
import { PlanTag } from '../../kit/box/PlanTag';
import { useFloodlight } from './useFloodlight';

/** Whether the plan of the box stands; nothing before one is taken. */
export function FloodlightCarried() {
  const { job, point } = useFloodlight();
  const standing = fixtureOf(point);
  return (
    standing && (
      <div className="carry-verdict">
        <PlanTag
          standing={standing}
          planned={findingsOf(job, point).planned}
          place={(text) => inWordsOf(regionOf(job), text)}
        />
      </div>
    )
  );
}
