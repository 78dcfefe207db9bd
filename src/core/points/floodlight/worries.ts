import { said } from '../../said';
import type { Job } from '../../job/job';
import { boxDoubts, boxSurveyOf } from '../boxOf';
import type { Standing, Worry } from '../climb';
import { findingsOf } from '../findings';
import { customerWorries, ruleWorry, wifiWorries } from '../sharedWorries';
import type { Floodlight } from './floodlight';

/** What the tests of a box found, what its plan leaves open, and what was counted of room and bag. */
function boxWorries(job: Job, point: Floodlight): readonly Worry[] {
  const doubts = boxDoubts(point).map((words, i): Worry => ({ id: `box-${i}`, rung: 'measure', words }));
  const { found, planned } = findingsOf(job, point);
  const loose = boxSurveyOf(point).cables.flatMap(({ name, conductors }) =>
    conductors
      .filter(({ state }) => state !== 'good')
      .map(({ state, colour }) =>
        said('conductorOf', { colour: said('wireColour', { colour }), name, state: STATE_FOUND[state] }),
      ),
  );
  const asFound =
    loose.length > 0 ? [{ id: 'asFound', rung: 'measure' as const, words: said('asFound', { loose }) }] : [];
  const noGround = point.fixture === null && found.some(({ rule }) => rule === 'groundWhole');
  const plan = planned.filter(({ severity }) => severity !== 'remark').map(ruleWorry('choose'));
  return [
    ...doubts,
    ...asFound,
    ...(noGround ? found.filter(({ rule }) => rule === 'groundWhole').map(ruleWorry('choose')) : []),
    ...plan,
  ];
}

const STATE_FOUND = { good: '', nicked: 'nicked', brittle: 'brittle', loose: said('lyingLoose') } as const;

/** What is open of a floodlight’s survey, box and choice. */
export const floodlightWorries = ({ job, point }: Standing<Floodlight>): readonly Worry[] => [
  ...customerWorries(job),
  ...wifiWorries(job, point),
  ...boxWorries(job, point),
];
