'use client';
import { yardWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useFacts } from '../../form/useFacts';
import { FieldGroup } from '../../form/FieldGroup';
import { useJob } from '../../log/JobContext';

/** One target or obstacle: each of its figures can be typed, and it can be taken away. */
export function PlacedFields({ id, name }: { readonly id: string; readonly name: (what: string) => string }) {
  const { kept } = useJob();
  const target = kept.yard.targets.find((one) => one.id === id);
  const obstacle = kept.yard.obstacles.find((one) => one.id === id);
  return (
    <div className="block-top" data-testid="placed">
      {target && <TargetFields key={id} target={target} title={name(target.what)} />}
      {obstacle && <ObstacleFields key={id} obstacle={obstacle} title={name(obstacle.stands)} />}
    </div>
  );
}

type Yard = ReturnType<typeof useJob>['kept']['yard'];

function TargetFields({ target, title }: { readonly target: Yard['targets'][number]; readonly title: string }) {
  const { kept, write } = useJob();
  const { id, ...said } = target;
  const scope = { pointId: kept.id, targetId: id };
  const { ask, typed } = useFacts('targetPlaced', scope, said);
  return (
    <>
      <h3>{title}</h3>
      <FieldGroup kind="targetPlaced" scope={scope} fields={[typed('distanceM'), typed('turnDeg'), typed('groundM')]} />
      {ask('how')}
      {ask('wants')}
      <Button variant="link" onClick={() => write('targetPlaced', { ...scope, gone: 'yes' })}>
        {yardWords.takeAway}
      </Button>
    </>
  );
}

function ObstacleFields({ obstacle, title }: { readonly obstacle: Yard['obstacles'][number]; readonly title: string }) {
  const { kept, write } = useJob();
  const { id, ...said } = obstacle;
  const scope = { pointId: kept.id, obstacleId: id };
  const { ask, typed } = useFacts('obstacleStands', scope, said);
  return (
    <>
      <h3>{title}</h3>
      <FieldGroup
        kind="obstacleStands"
        scope={scope}
        fields={[typed('distanceM'), typed('turnDeg'), typed('widthM'), typed('depthM'), typed('tallM')]}
      />
      {ask('how')}
      <Button variant="link" onClick={() => write('obstacleStands', { ...scope, gone: 'yes' })}>
        {yardWords.takeAway}
      </Button>
    </>
  );
}
