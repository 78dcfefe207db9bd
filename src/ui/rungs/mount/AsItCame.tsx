'use client';
import { mountWords } from '@/words/screens';
import { hazardsAt } from '@/core/points';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { Cautions } from '../../verdict/Cautions';

/** How a camera came to hang: height, level and direction, as they are on the wall. */
export function AsItCame() {
  const { job, point, kept } = useJob();
  const scope = { pointId: point.id };
  const { ask, typed } = useFacts('mountRecorded', scope, kept.mount);
  return (
    <>
      <Cautions words={hazardsAt(job, 'mount')} />
      <FieldGroup kind="mountRecorded" scope={scope} fields={[typed('heightM'), typed('bearingDeg')]} />
      {ask('level')}
      {ask('drillPath')}
      {ask('fixings')}
      {ask('seal')}
      <p className="small soft">
        {mountWords.overGroundBelowIt} {mountWords.phoneAlongCamera} {mountWords.bubbleOfSensor}
      </p>
    </>
  );
}
