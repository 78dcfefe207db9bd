'use client';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { SpotArea } from '../SpotArea';

/** Where a floodlight camera is to go: what hangs there, on what, how high, and which switch turns it off. */
export function FixtureArea() {
  const { kept } = useJob();
  const { ask } = useFacts('pointDescribed', { pointId: kept.id }, kept.look);
  return <SpotArea asksSwitch>{ask('oldFixture')}</SpotArea>;
}
