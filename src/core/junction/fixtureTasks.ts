import type { Work } from '../region';
import { said, type Text } from '../said';
import {
  afterStep,
  bondedPart,
  ofWork,
  fixturePart,
  leadsAt,
  lookTask,
  moveTask,
  pigtail,
  planWiring,
  proofTask,
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

/** What is hung on a box, as far as its wires go. */
export interface HungFixture {
  readonly name: Text;
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
  readonly cure: Text | null;
  /** Switch on once before closing, by the firm’s school. */
  readonly energise: boolean;
  /** What holds the splice of a function and how, once it is known. */
  readonly spliceHow: (
    carries: 'ground' | 'neutral' | 'hot',
  ) => { readonly words: Text; readonly stripM: number } | null;
  /** Screws of bar and plate, in words. */
  readonly barHow: Text;
  /** How the plate goes up, in words. */
  readonly plateHow: Text;
  readonly vanHow: Text;
  /** How the closed box is opened, and read where that is needed. */
  readonly opening: readonly Task[];
}

const BOX = 'box';

/** Tasks of a remedy, with what of them places keep for a licence. */
function remedyTasks(
  remedy: { readonly work: Work | null; readonly tasks: (wiring: Wiring) => readonly Task[] } | undefined,
  wiring: Wiring,
): readonly Task[] {
  return remedy ? ofWork(remedy.work, remedy.tasks(wiring)) : [];
}

type Stage = (wiring: Wiring) => readonly Task[];

function spliceTask(
  { spliceHow }: FixtureRemedy,
  carries: 'ground' | 'neutral' | 'hot',
  words: Text,
  how: Text,
  moves: (wiring: Wiring) => readonly Move[],
): Stage {
  return (wiring) => {
    const held = spliceHow(carries);
    const task = moveTask(
      BOX,
      `box-${carries}`,
      'mains',
      moves(wiring),
      held ? said('together', { sentences: [held.words, how] }) : how,
      words,
    );
    return [held ? { ...task, stripM: held.stripM } : task];
  };
}

/** Everything from the van to the gasket, in the order in which it is done. */
function stagesOf(survey: BoxSurvey, remedy: FixtureRemedy): readonly Stage[] {
  const { fixture, feedId, groundId, cure, energise, barHow, plateHow, vanHow, opening } = remedy;
  const wire = (carries: 'hot' | 'neutral' | 'ground'): Wire => ({
    gauge: { mm2: fixture.leadMm2 },
    strands: fixture.leadStrands,
    metal: 'copper',
    colour: fixture.colours[carries],
    claims: carries,
  });
  const bonded = fixture.grounded;
  return [
    () => [lookTask('van', 'van-unpack', said('unpackCountConnectors'), vanHow), ...opening],
    oldOut,
    (wiring) => remedyTasks(feedRemedy(feedId), wiring),
    (wiring) => remedyTasks(groundRemedy(groundId), wiring),
    idleCaps,
    marks,
    () =>
      cure === null ? [] : [moveTask(BOX, 'box-room', 'mains', [], said('ownScrewsMetal'), said('moreRoom', { cure }))],
    () => [moveTask(BOX, 'box-bar', 'mains', [], barHow, said('crossBarBox'))],
    (wiring) => [
      moveTask(
        BOX,
        'box-plate',
        'mains',
        [
          ...(bonded
            ? ([
                { do: 'add', part: bondedPart('plate', said('mountingPlate'), said('greenScrew')) },
                { do: 'lay', leads: [pigtail('plate.pigtail', said('platesPigtail'), 'ground', undefined)] },
                { do: 'on', lead: 'plate.pigtail', joint: 'plate.ground' },
              ] as const)
            : []),
          ...(survey.material === 'metal' && !wiring.leads.some(({ id }) => id === 'box.pigtail')
            ? ([
                { do: 'lay', leads: [pigtail('box.pigtail', said('boxsPigtail'), 'ground', undefined)] },
                { do: 'on', lead: 'box.pigtail', joint: 'box.ground' },
              ] as const)
            : []),
        ],
        plateHow,
        bonded ? said('plateBarGround') : said('plateBar'),
      ),
      moveTask(
        BOX,
        'box-hang',
        'mains',
        [
          {
            do: 'add',
            part: fixturePart('fixture', said('camera'), {
              hot: wire('hot'),
              neutral: wire('neutral'),
              ground: fixture.grounded ? wire('ground') : null,
            }),
          },
        ],
        said('lampsSwungUp'),
        said('hangHookPlate', { fixture: fixture.name }),
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
      return spliceTask(remedy, 'ground', said('groundsTogetherSupply'), said('firstLastOff'), () => moves)(wiring);
    },
    spliceTask(remedy, 'neutral', said('neutralsTogetherFixtures'), said('sameCircuitTest'), (wiring) =>
      gather(wiring, 'neutral', ['fixture.neutral']),
    ),
    spliceTask(remedy, 'hot', said('hotsTogetherFixtures'), said('noBareCopper'), (wiring) =>
      gather(wiring, 'hot', ['fixture.hot']),
    ),
    () => [
      {
        ...moveTask(BOX, 'box-splices-photo', 'mains', [], said('spareWireBack'), said('photographSplicesFold')),
        photo: true,
      },
      ...(energise
        ? [
            {
              ...lookTask(BOX, 'box-energise', said('onceLampsLight'), said('everySpliceClosed')),
              energises: true as const,
            },
            proofTask(BOX, 'box-dead-again', said('offProvedDead'), said('offTaggedLocked')),
          ]
        : []),
      { ...moveTask(BOX, 'box-close', 'mains', [], said('leftRightTurn'), said('offHookOnto')), closes: true as const },
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
