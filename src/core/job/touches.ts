import { FEED_REMEDIES, GROUND_REMEDIES, UNKNOWN_BOX, fixturePlan, type BoxSurvey } from '../junction';
import type { Touches } from '../wiring';
import { everyBellTask } from './wiringPlan';

const conductor = (id: string, carries: BoxSurvey['cables'][number]['conductors'][number]['carries']) =>
  ({
    id,
    gauge: { mm2: 1.5 },
    strands: 'solid',
    metal: 'copper',
    colour: 'cloth',
    claims: carries === 'hot' ? 'neutral' : null,
    carries,
    state: 'good',
    passes: null,
    freeM: null,
  }) as const;

/** Boxes over which every remedy has something to do. */
function boxes(): readonly BoxSurvey[] {
  const base: BoxSurvey = { ...UNKNOWN_BOX, material: 'metal', oldFixture: 'lamp' };
  const cable = (...carries: Parameters<typeof conductor>[1][]) => [
    { id: 'c', name: 'c', role: null, conductors: carries.map((one, i) => conductor(String(i), one)) },
  ];
  return [
    { ...base, cables: cable('hot', 'switched', 'neutral', 'ground') },
    { ...base, ahead: 'sensor', cables: cable('hot', 'neutral', 'ground') },
    { ...base, ahead: 'switch', cables: cable('switched', 'neutral') },
    { ...base, deviceIn: 'outlet', cables: cable('hot', 'neutral', 'ground') },
  ];
}

/** Every task that a floodlight’s plan can hold: what each touches. */
function everyBoxTask(): ReadonlyMap<string, Touches> {
  const steps = boxes().flatMap((survey) =>
    FEED_REMEDIES.flatMap(({ id: feedId }) =>
      GROUND_REMEDIES.flatMap(
        ({ id: groundId }) =>
          fixturePlan(survey, {
            fixture: {
              name: '',
              leadMm2: 1,
              leadStrands: 'stranded',
              grounded: true,
              colours: { hot: 'black', neutral: 'white', ground: 'green' },
            },
            feedId,
            groundId,
            cure: 'more room',
            energise: true,
            spliceHow: () => null,
            barHow: '',
            plateHow: '',
            vanHow: '',
          }).steps,
      ),
    ),
  );
  return new Map(steps.map(({ id, touches }) => [id, touches]));
}

let touches: ReadonlyMap<string, Touches> | null = null;

/** What a step touches; one that nobody knows is taken for mains. */
export const touchesOf = (stepId: string): Touches =>
  (touches ??= new Map([...everyBellTask(), ...everyBoxTask()])).get(stepId) ?? 'mains';
