'use client';
import { OLD_FIXTURES } from '@/core/kinds';
import { Choices } from '../../kit/form/Choices';
import { useJob } from '../../kit/job/JobContext';
import { SpotArea } from '../SpotArea';

const FIXTURE_WORDS = {
  lamp: 'a lamp',
  sensorLight: 'a light with a sensor',
  floodlight: 'a floodlight camera',
  nothing: 'nothing',
} as const;

/** Where a floodlight camera is to go: what hangs there, on what, how high, and which switch turns it off. */
export function FixtureArea() {
  const { kept, write } = useJob();
  return (
    <SpotArea asksSwitch>
      <Choices
        label="what hangs there now"
        options={OLD_FIXTURES.map((value) => ({ value, words: FIXTURE_WORDS[value] }))}
        chosen={kept.look.oldFixture}
        onPick={(oldFixture) => write('pointDescribed', { pointId: kept.id, oldFixture })}
      />
    </SpotArea>
  );
}
