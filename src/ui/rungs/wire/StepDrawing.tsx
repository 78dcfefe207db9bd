'use client';
import { useSay } from '../../log/useSay';
import { afterStep, type Step, type Wiring, type WiringPlace } from '@/core/wiring';
import { BoxDrawing } from '../../drawing/BoxDrawing';
import { WiringDrawing } from '../../drawing/WiringDrawing';
import { drawnPlace, isDrawn } from '../../drawing/placeLayout';

/** Id of the drawing of the step at hand. */
export const STEP_DRAWING = 'step-drawing';

/** Places where no conductor is joined: nothing is drawn of them. */
const UNDRAWN = ['van', 'cable', 'spot', 'outlet'] as const;
type Undrawn = (typeof UNDRAWN)[number];
const isDrawnAt = (place: Step['place']): place is Exclude<Step['place'], Undrawn> =>
  !UNDRAWN.some((one) => one === place);

/** Where a step is drawn; null where it is not. */
export const placeOf = (place: Step['place']): WiringPlace | null => (isDrawnAt(place) ? place : null);

interface Props {
  readonly step: Step;
  /** The wiring as built so far. */
  readonly built: Wiring;
  readonly ticked: boolean;
  readonly picked: string | null;
  readonly onLead: (id: string) => void;
  readonly onJoint: (id: string) => void;
}

/** The joints at hand as they are once this step is done: its leads in the accent, its joint ringed, each lead to be tapped. */
export function StepDrawing({ step, built, ticked, picked, onLead, onJoint }: Props) {
  const say = useSay();
  const wiring = ticked ? built : afterStep(built, step);
  const at = placeOf(step.place);
  const place = at && drawnPlace(wiring, at);
  // Before the box was opened nothing is known of what is in it
  if (!place || wiring.leads.length === 0) return null;
  const marked = new Set(
    step.moves.flatMap((move) => (move.do === 'on' || move.do === 'off' || move.do === 'mark' ? [move.lead] : [])),
  );
  const shared = { wiring, place, marked, ringed: step.joint, title: say(step.words), picked, onLead, onJoint };
  if (place === 'box' || place === 'switch') return <BoxDrawing say={say} {...shared} id={STEP_DRAWING} />;
  return isDrawn(wiring, place) ? <WiringDrawing say={say} {...shared} id={STEP_DRAWING} /> : null;
}
