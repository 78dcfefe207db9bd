import {
  afterStep,
  bondedPart,
  fixturePart,
  leadsAt,
  lookTask,
  moveTask,
  pigtail,
  planWiring,
  type Move,
  type Task,
  type Wire,
  type WireColour,
  type Wiring,
  type WiringPlan,
} from '../wiring';
import type { BoxSurvey } from './boxSurvey';
import { gather, idleCaps, marks, oldOut } from './boxTasks';
import { feedRemedy } from './feed/register';
import { foundBox } from './foundBox';
import { groundRemedy } from './ground/register';
import { lowerFirst } from '../units';

/** What is hung on a box, as far as its wires go. */
export interface HungFixture {
  readonly name: string;
  readonly leadMm2: number;
  readonly leadStrands: 'solid' | 'stranded';
  readonly grounded: boolean;
  /** Colours of its leads, as sold at the place. */
  readonly colours: Readonly<Record<'hot' | 'neutral' | 'ground', WireColour>>;
}

/** What was chosen for a box. */
export interface FixtureRemedy {
  readonly fixture: HungFixture;
  readonly feedId: string;
  readonly groundId: string;
  /** A ring or box that gives more room; its name. */
  readonly cure: string | null;
  /** Switch on once before closing, by the firm’s school. */
  readonly energise: boolean;
  /** What holds the splice of a function and how, once it is known. */
  readonly spliceHow: (
    carries: 'ground' | 'neutral' | 'hot',
  ) => { readonly words: string; readonly stripM: number } | null;
  /** Screws of bar and plate, in words. */
  readonly barHow: string;
  /** How the plate goes up, in words. */
  readonly plateHow: string;
  readonly vanHow: string;
}

const BOX = 'box';

type Stage = (wiring: Wiring) => readonly Task[];

function spliceTask(
  { spliceHow }: FixtureRemedy,
  carries: 'ground' | 'neutral' | 'hot',
  words: string,
  how: string,
  moves: (wiring: Wiring) => readonly Move[],
): Stage {
  return (wiring) => {
    const held = spliceHow(carries);
    const task = moveTask(BOX, `box-${carries}`, 'mains', moves(wiring), held ? `${held.words} ${how}` : how, words);
    return [held ? { ...task, stripM: held.stripM } : task];
  };
}

/** Everything from the van to the gasket, in the order in which it is done. */
function stagesOf(survey: BoxSurvey, remedy: FixtureRemedy): readonly Stage[] {
  const { fixture, feedId, groundId, cure, energise, barHow, plateHow, vanHow } = remedy;
  const wire = (carries: 'hot' | 'neutral' | 'ground'): Wire => ({
    gauge: { mm2: fixture.leadMm2 },
    strands: fixture.leadStrands,
    metal: 'copper',
    colour: fixture.colours[carries],
    claims: carries,
  });
  const bonded = fixture.grounded;
  return [
    () => [
      lookTask('van', 'van-unpack', 'Unpack and count; connectors, screws and gasket against the list', vanHow),
      {
        ...lookTask(
          BOX,
          'box-photo',
          'Photograph the old fixture and which way it looks',
          'Ladder at 1:4, its feet firm and dry; a platform for work that lasts.',
        ),
        photo: true,
      },
      {
        ...moveTask(
          BOX,
          'box-open',
          'mains',
          [],
          'Every pair, each to ground, each conductor, at these very ends; then picture and count them.',
          'Cover off: prove dead again at the conductors, photograph the splices',
        ),
        photo: true,
      },
    ],
    oldOut,
    (wiring) => feedRemedy(feedId)?.tasks(wiring) ?? [],
    (wiring) => groundRemedy(groundId)?.tasks(wiring) ?? [],
    idleCaps,
    marks,
    () =>
      cure === null
        ? []
        : [
            moveTask(
              BOX,
              'box-room',
              'mains',
              [],
              'Its own screws, metal to metal where it is metal; nothing pinched under its rim.',
              `More room: ${cure}`,
            ),
          ],
    () => [moveTask(BOX, 'box-bar', 'mains', [], barHow, 'Cross-bar on the box, level, screws started loose first')],
    (wiring) => [
      moveTask(
        BOX,
        'box-plate',
        'mains',
        [
          ...(bonded
            ? ([
                { do: 'add', part: bondedPart('plate', 'mounting plate', 'green screw') },
                { do: 'lay', leads: [pigtail('plate.pigtail', 'plate’s pigtail', 'ground', undefined)] },
                { do: 'on', lead: 'plate.pigtail', joint: 'plate.ground' },
              ] as const)
            : []),
          ...(survey.material === 'metal' && !wiring.leads.some(({ id }) => id === 'box.pigtail')
            ? ([
                { do: 'lay', leads: [pigtail('box.pigtail', 'box’s pigtail', 'ground', undefined)] },
                { do: 'on', lead: 'box.pigtail', joint: 'box.ground' },
              ] as const)
            : []),
        ],
        plateHow,
        bonded ? 'Plate on the bar, ground pigtail under its green screw' : 'Plate on the bar',
      ),
      moveTask(
        BOX,
        'box-hang',
        'mains',
        [
          {
            do: 'add',
            part: fixturePart('fixture', 'camera', {
              hot: wire('hot'),
              neutral: wire('neutral'),
              ground: fixture.grounded ? wire('ground') : null,
            }),
          },
        ],
        'Lamps swung up, out of the way of the cap nuts. Never by its leads.',
        `Hang the ${lowerFirst(fixture.name)} by its hook on the plate`,
      ),
    ],
    (wiring) => {
      const more = [
        ...(fixture.grounded ? ['fixture.ground', 'plate.pigtail'] : []),
        // A pigtail that was found in the splice stays there
        ...(wiring.leads.some(({ id, from, to }) => id === 'box.pigtail' && (from === null || to === null))
          ? ['box.pigtail']
          : []),
      ];
      const moves = gather(wiring, 'ground', more);
      const onto = moves.filter((move) => move.do === 'on').length + leadsAt(wiring, 'splice.ground').length;
      // One ground with nothing to go to keeps its cap
      if (onto < 2 || more.length === 0) return [];
      return spliceTask(
        remedy,
        'ground',
        'Grounds together: supply, plate, box and fixture',
        'First on, last off. Passed round the plate’s screw and on to the splice. Tug each.',
        () => moves,
      )(wiring);
    },
    spliceTask(
      remedy,
      'neutral',
      'Neutrals together, the fixture’s with them',
      'Of the same circuit, by test. Tug each.',
      (wiring) => gather(wiring, 'neutral', ['fixture.neutral']),
    ),
    spliceTask(
      remedy,
      'hot',
      'Hots together, the fixture’s with them',
      'No bare copper below the skirt. Tug each.',
      (wiring) => gather(wiring, 'hot', ['fixture.hot']),
    ),
    () => [
      {
        ...moveTask(
          BOX,
          'box-splices-photo',
          'mains',
          [],
          'Spare wire back into the box first; splices behind it, nothing pinched.',
          'Photograph the splices, fold them back',
        ),
        photo: true,
      },
      ...(energise
        ? [
            {
              ...lookTask(
                BOX,
                'box-energise',
                'On once: lamps light, the camera speaks',
                'Every splice closed and folded, nobody touching, ladder clear. Every proof ends with it.',
              ),
              energises: true as const,
            },
            moveTask(
              BOX,
              'box-dead-again',
              'mains',
              [],
              'Off, tagged, locked; the tester tried before and after.',
              'Off and proved dead again, to close up',
            ),
          ]
        : []),
      moveTask(
        BOX,
        'box-close',
        'mains',
        [],
        'Left and right in turn, hand-tight on plastic. The gasket is pressed all round; top and sides sealed, the bottom open for water to leave.',
        'Off the hook, onto the plate: cap nuts evenly, gasket all round',
      ),
    ],
  ];
}

/** The plan of a floodlight camera on its box: as found, step by step, as planned. */
export function fixturePlan(survey: BoxSurvey, remedy: FixtureRemedy): WiringPlan {
  const found = foundBox(survey);
  let at = found;
  const tasks = stagesOf(survey, remedy).flatMap((stage) => {
    const some = stage(at);
    at = some.reduce(afterStep, at);
    return some;
  });
  return planWiring(found, tasks);
}
