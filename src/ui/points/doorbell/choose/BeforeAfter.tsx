'use client';
import { useSay } from '../../../log/useSay';
import type { JudgedOption } from '@/core/advice';
import { wiringPlan, type Doorbell } from '@/core/points';
import { changedLeads, type WiringPlace } from '@/core/wiring';
import { WiringDrawing } from '../../../drawing/WiringDrawing';
import { drawnPlace, isDrawn } from '../../../drawing/placeLayout';

interface Props {
  readonly point: Doorbell;
  readonly way: JudgedOption;
}

/** Every wire at the chime, and at a transformer that changes: as it is now, and as this way leaves it. */
export function BeforeAfter({ point, way: { transformer, tap, treatment, wire, device, change } }: Props) {
  const say = useSay();
  const plan = wiringPlan(point, {
    transformer,
    treatmentId: treatment.id,
    joinPairs: wire === 'join',
    repull: wire === 'repull',
    tap,
    mended: change.mended,
    device,
  });
  const asked: readonly WiringPlace[] = transformer || tap ? ['chime', 'transformer'] : ['chime'];
  const places = [...new Set(asked.map((place) => drawnPlace(plan.found, place)))].filter((place) =>
    isDrawn(plan.found, place),
  );
  return places
    .map((place) => ({ place, marked: changedLeads(plan, place) }))
    .map(({ place, marked }) => (
      <section key={place} className="before-after">
        <h2>At the {place}, wire by wire</h2>
        <div className="halves">
          <figure>
            <figcaption>as it is now</figcaption>
            <WiringDrawing
              say={say}
              wiring={plan.found}
              place={place}
              marked={new Set()}
              title={`The ${place} as it is now`}
            />
          </figure>
          <figure>
            <figcaption>{marked.size === 0 ? 'stays as it is' : 'afterwards, what changes in colour'}</figcaption>
            <WiringDrawing
              say={say}
              wiring={plan.planned}
              place={place}
              marked={marked}
              title={`The ${place} afterwards`}
            />
          </figure>
        </div>
      </section>
    ));
}
