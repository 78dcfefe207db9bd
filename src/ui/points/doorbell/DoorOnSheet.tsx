import { mountWords } from '@/words/screens';
import { lengthsOf, type Job } from '@/core/job';
import { stackOf } from '@/core/mount';
import { doorMountOf, judgedMount, type Doorbell } from '@/core/points';
import { DoorSide } from './mount/DoorSide';
import { StackDrawing } from './mount/StackDrawing';

/** How a doorbell hangs: the door from the side with what is seen from there, and its stack; nothing before its height is said. */
export function DoorOnSheet({ job, point }: { readonly job: Job; readonly point: Doorbell }) {
  if (point.mount.heightM === undefined) return null;
  const { scene, hangs } = doorMountOf(point);
  const stack = stackOf(scene.wedges, hangs);
  return (
    <div className="door-views">
      <figure>
        <figcaption>{mountWords.fromTheSide}</figcaption>
        <DoorSide
          scene={scene}
          hangs={hangs}
          seen={judgedMount(point).seen}
          lengths={lengthsOf(job)}
          saves={null}
          onDrag={null}
        />
      </figure>
      {stack.length > 0 && (
        <figure>
          <figcaption>{mountWords.theStack}</figcaption>
          <StackDrawing stack={stack} tiltDeg={hangs.tiltDeg} sideDeg={hangs.sideDeg} />
        </figure>
      )}
    </div>
  );
}
