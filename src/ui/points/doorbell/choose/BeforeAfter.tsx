'use client';
import { chooseWords } from '@/words/screens';
import { useSay, useTerms } from '../../../log/useSay';
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
  const terms = useTerms();
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
        <h2>{chooseWords.atTheWireBy({ place })}</h2>
        <div className="halves">
          <figure>
            <figcaption>{chooseWords.asItIsNow}</figcaption>
            <WiringDrawing
              say={say}
              wiring={plan.found}
              place={place}
              marked={new Set()}
              title={chooseWords.theAsItIs({ place })}
            />
          </figure>
          <figure>
            <figcaption>
              {marked.size === 0 ? chooseWords.staysAsItIs : chooseWords.afterwardsWhatChangesIn(terms)}
            </figcaption>
            <WiringDrawing
              say={say}
              wiring={plan.planned}
              place={place}
              marked={marked}
              title={chooseWords.theAfterwards({ place })}
            />
          </figure>
        </div>
      </section>
    ));
}
