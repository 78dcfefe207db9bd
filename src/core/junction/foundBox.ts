import { said, type Text } from '../said';
import {
  EMPTY_WIRING,
  OWN_CIRCUIT,
  applyMoves,
  bondedPart,
  capAt,
  fixturePart,
  outletPart,
  pigtail,
  sensorPart,
  spliceAt,
  spurPart,
  switchPart,
  type Lead,
  type Move,
  type Wiring,
} from '../wiring';
import { conductorsOf, wireOf, type BoxSurvey, type SurveyedCable, type SurveyedConductor } from './boxSurvey';

const MAINS = ['hot', 'neutral', 'ground'] as const;
export type MainsFunction = (typeof MAINS)[number];

/** Name of the circuit at hand, and of a second one in the same box. */
const CIRCUIT = { own: OWN_CIRCUIT, second: 'B' } as const;

const AHEAD_NAMES = { switch: said('wallSwitch'), timer: 'timer' } as const;

/** Id of a conductor of the house in the box. */
export const leadId = (cable: { readonly id: string }, conductor: { readonly id: string }): string =>
  `${cable.id}.${conductor.id}`;

/** Where the leads of one function are joined, for each of the circuits in the box. */
export const spliceOf = (carries: MainsFunction | 'switched', circuit: 'own' | 'second' = 'own'): string =>
  circuit === 'own' || carries === 'ground' ? `splice.${carries}` : `splice.second.${carries}`;

interface Upstream {
  readonly moves: readonly Move[];
  /** Where a switched lead comes from, and where a loop’s hot goes to. */
  readonly switchedFrom: string | null;
  readonly hotFrom: string | null;
}

/** What stands in the wall ahead of the box: a switch or timer, a fused spur. */
function upstream(survey: BoxSurvey): Upstream {
  const switched = conductorsOf(survey, 'switched').length > 0;
  const spur = survey.fedFrom === 'spur';
  const name = survey.ahead === 'timer' ? AHEAD_NAMES.timer : AHEAD_NAMES.switch;
  const feed = (to: string, words: Text): Move => ({
    do: 'lay',
    leads: [
      {
        id: `${to}.feed`,
        name: words,
        carries: 'hot',
        from: null,
        to,
        house: { circuit: CIRCUIT.own, beyond: 'supply' },
      },
    ],
  });
  const looped = loopedHot(survey) !== null;
  return {
    moves: [
      ...(spur
        ? ([{ do: 'add', part: spurPart('spur', said('fusedSpur')) }, feed('spur.in', said('supplySpur'))] as const)
        : []),
      ...(switched ? ([{ do: 'add', part: switchPart('switch', name) }] as const) : []),
      ...(switched && !looped
        ? [spur ? linkTo('spur.out', 'switch.in') : feed('switch.in', said('feedOfThe', { name }))]
        : []),
    ],
    switchedFrom: switched ? 'switch.out' : null,
    hotFrom: spur && !switched ? 'spur.out' : null,
  };
}

const linkTo = (from: string, to: string): Move => ({
  do: 'lay',
  leads: [{ id: 'spur.load', name: said('loadSpur'), carries: 'hot', from, to }],
});

/** The hot that goes down to the switch from this box, where the box itself is fed: a switch loop. */
export function loopedHot(survey: BoxSurvey): { cable: SurveyedCable; conductor: SurveyedConductor } | null {
  const hots = conductorsOf(survey, 'hot');
  const down = hots.find(
    ({ cable }) => cable.role === 'switchLeg' && cable.conductors.some(({ carries }) => carries === 'switched'),
  );
  return down && hots.some(({ cable }) => cable.id !== down.cable.id) ? down : null;
}

/** A conductor of the house as a lead whose end in the box is free. */
function houseLead(
  survey: BoxSurvey,
  cable: SurveyedCable,
  conductor: SurveyedConductor,
  { switchedFrom, hotFrom }: Upstream,
): Lead {
  const { carries } = conductor;
  const looped = loopedHot(survey);
  const from =
    carries === 'switched'
      ? switchedFrom
      : looped?.conductor === conductor
        ? 'switch.in'
        : carries === 'hot' && cable.role !== 'feedThrough' && cable.role !== 'secondCircuit'
          ? hotFrom
          : null;
  return {
    id: leadId(cable, conductor),
    name: said('colourOfCable', { colour: said('wireColour', { colour: conductor.colour }), cable: cable.name }),
    cable: cable.name,
    carries: carries === 'switched' ? 'hot' : carries === 'spare' ? 'unknown' : carries,
    from,
    to: null,
    wire: wireOf(conductor),
    ...(from === null
      ? {
          house: {
            circuit: cable.role === 'secondCircuit' ? CIRCUIT.second : CIRCUIT.own,
            beyond: cable.role === 'feedThrough' ? ('onward' as const) : ('supply' as const),
          },
        }
      : {}),
  };
}

/**
 * Conductors of the house in a box without anything of what stands ahead of it: for what is not planned by its feed.
 * @returns leads whose end in the box is free
 */
export const houseLeads = (survey: BoxSurvey): readonly Lead[] =>
  survey.cables.flatMap((cable) =>
    cable.conductors
      .filter(({ passes }) => passes === null)
      .map((conductor) => houseLead(survey, cable, conductor, { moves: [], switchedFrom: null, hotFrom: null })),
  );

/** Leads that are joined: a splice where there are two or more, a cap over one alone. */
function joined(id: string, name: Text, leads: readonly string[]): readonly Move[] {
  if (leads.length === 0) return [];
  const joint = leads.length > 1 ? spliceAt(id, 'box', name) : capAt(`cap.${id}`, 'box', name);
  return [{ do: 'splice', joint }, ...leads.map((lead): Move => ({ do: 'on', lead, joint: joint.id }))];
}

/** A box’s wiring as it was found, from what the survey and the tests say. What no test has shown lies under caps. */
export function foundBox(survey: BoxSurvey): Wiring {
  const up = upstream(survey);
  const ids = (carries: SurveyedConductor['carries'], circuit: 'own' | 'second' = 'own'): readonly string[] =>
    conductorsOf(survey, carries, circuit)
      .filter(({ conductor }) => conductor.state !== 'loose')
      .map(({ cable, conductor }) => leadId(cable, conductor));
  const laid = survey.cables.flatMap((cable) =>
    cable.conductors
      .filter(({ passes }) => passes === null)
      .map((conductor) => houseLead(survey, cable, conductor, up)),
  );
  const [hots, switched, neutrals] = [ids('hot'), ids('switched'), ids('neutral')];
  const outlet = survey.deviceIn === 'outlet';
  // Its leads are only known once hot and neutral are
  const old = survey.oldFixture !== 'nothing' && !outlet && hots.length + switched.length > 0 && neutrals.length > 0;
  const sensor = old && hots.length > 0 && (survey.ahead === 'sensor' || survey.ahead === 'photocell');
  const bonds = survey.material === 'metal' && survey.bonded;
  const toOld = (carries: MainsFunction): readonly string[] => (old ? [`oldFixture.${carries}`] : []);
  const lampOn = sensor ? 'sensor' : switched.length > 0 ? 'switched' : 'hot';
  const grounds = [...ids('ground'), ...ids('ground', 'second')];
  return applyMoves(EMPTY_WIRING, [
    ...up.moves,
    { do: 'lay', leads: laid },
    ...(survey.material === 'metal'
      ? [{ do: 'add', part: bondedPart('box', said('metalBox'), said('boxScrew')) } as const]
      : []),
    ...(bonds
      ? ([
          { do: 'lay', leads: [pigtail('box.pigtail', said('boxsPigtail'), 'ground', undefined)] },
          { do: 'on', lead: 'box.pigtail', joint: 'box.ground' },
        ] as const)
      : []),
    ...(old
      ? [
          {
            do: 'add',
            part: fixturePart('oldFixture', said('oldFixture'), survey.oldGrounded ? {} : { ground: null }),
          } as const,
        ]
      : []),
    ...(sensor ? [{ do: 'add', part: sensorPart('sensor', said('oldSensor')) } as const] : []),
    ...(outlet
      ? [
          { do: 'add', part: outletPart('outlet', said('theOutlet')) } as const,
          ...MAINS.flatMap((carries) =>
            ids(carries).map((lead): Move => ({ do: 'on', lead, joint: `outlet.${carries}` })),
          ),
          ...(bonds ? [{ do: 'on', lead: 'box.pigtail', joint: 'outlet.ground' } as const] : []),
        ]
      : [
          ...joined(spliceOf('hot'), said('function', { carries: 'hot' }), [
            ...hots,
            ...(lampOn === 'hot' ? toOld('hot') : []),
            ...(sensor ? ['sensor.hot'] : []),
          ]),
          ...(sensor ? joined('splice.lamp', said('switchedSensor'), ['sensor.out', ...toOld('hot')]) : []),
          ...joined(spliceOf('switched'), said('function', { carries: 'switched' }), [
            ...switched,
            ...(lampOn === 'switched' ? toOld('hot') : []),
          ]),
          ...joined(spliceOf('neutral'), said('function', { carries: 'neutral' }), [
            ...neutrals,
            ...toOld('neutral'),
            ...(sensor ? ['sensor.neutral'] : []),
          ]),
          ...joined(spliceOf('ground'), said('function', { carries: 'ground' }), [
            ...grounds,
            ...(old && survey.oldGrounded && grounds.length > 0 ? ['oldFixture.ground'] : []),
            ...(bonds ? ['box.pigtail'] : []),
          ]),
        ]),
    ...(['hot', 'neutral'] as const).flatMap((carries) =>
      joined(
        spliceOf(carries, 'second'),
        said('secondCircuit', { carries: said('carries', { carries }) }),
        ids(carries, 'second'),
      ),
    ),
    ...(['own', 'second'] as const).flatMap((circuit) =>
      (['spare', 'unknown'] as const).flatMap((carries) =>
        ids(carries, circuit).flatMap((lead) => joined(lead, said('function', { carries }), [lead])),
      ),
    ),
  ]);
}
