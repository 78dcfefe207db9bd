import { afterStep, type Step, type Wiring, type WiringPlace } from '@/core/wiring';
import { WiringDrawing } from '../kit/drawing/WiringDrawing';
import { drawnPlace, isDrawn } from '../kit/drawing/placeLayout';

const PLACES = { chime: 'chime', door: 'door', transformer: 'transformer' } as const;
const placeOf = (place: Step['place']): WiringPlace | null =>
  place === 'chime' || place === 'door' || place === 'transformer' ? PLACES[place] : null;

interface Props {
  readonly step: Step;
  /** The wiring as built so far. */
  readonly built: Wiring;
  readonly ticked: boolean;
}

/** The joints at hand as they are once this step is done: its leads in the accent, its joint ringed. */
export function StepDrawing({ step, built, ticked }: Props) {
  const wiring = ticked ? built : afterStep(built, step);
  const at = placeOf(step.place);
  const place = at && drawnPlace(wiring, at);
  if (!place || !isDrawn(wiring, place)) return null;
  const marked = new Set(step.moves.flatMap((move) => (move.do === 'on' || move.do === 'off' ? [move.lead] : [])));
  return <WiringDrawing wiring={wiring} place={place} marked={marked} ringed={step.joint} title={step.words} />;
}
