import { sheetWords } from '@/words/screens';
import type { Say } from '@/words';
import { builtOf, planOf, type Point } from '@/core/points';
import type { WiringPlace } from '@/core/wiring';
import { WiringDrawing } from '../drawing/WiringDrawing';
import { drawnPlace, isDrawn } from '../drawing/placeLayout';

const PLACES: readonly WiringPlace[] = ['chime', 'transformer', 'door'];
const NOTHING: ReadonlySet<string> = new Set();

/** The terminals of a doorbell as built so far, place by place; nothing before a way is taken. */
export function WiredPlaces({ say, point }: { readonly say: Say; readonly point: Point }) {
  if (!planOf(point)) return null;
  const wiring = builtOf(point);
  const places = [...new Set(PLACES.map((place) => drawnPlace(wiring, place)))].filter((place) =>
    isDrawn(wiring, place),
  );
  return (
    <div className="wired-places keep-together">
      {places.map((place) => (
        <figure key={place}>
          <figcaption className="small">{sheetWords.asBuiltSoFar({ place })}</figcaption>
          <WiringDrawing
            say={say}
            wiring={wiring}
            place={place}
            marked={NOTHING}
            title={sheetWords.asBuiltSoFar({ place })}
          />
        </figure>
      ))}
    </div>
  );
}
