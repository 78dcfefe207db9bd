import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold } from '@/core/job';
import { fixtureOptions, type Floodlight } from '@/core/points';
import { UNKNOWN_BOX, fixturePlan, openingTasks, type BoxSurvey } from '@/core/junction';
import { BARE_CONTEXT, RULES, checkWiring, graphOf } from '@/core/wiring';
import { demoJobs } from '@/demo/demoFirm';
import { line, ms, share, timesOf } from './measured';

const CORES = ['hot', 'neutral', 'ground'] as const;

/** A box into which so many cables of three conductors come. */
const boxOf = (cables: number): BoxSurvey => ({
  ...UNKNOWN_BOX,
  volumeIn3: 42,
  shape: 'square',
  depthM: 0.054,
  material: 'metal',
  clamps: 'internal',
  bonded: true,
  oldFixture: 'lamp',
  cables: Array.from({ length: cables }, (_, c) => ({
    id: `c${c}`,
    name: `cable ${c + 1}`,
    role: c === 0 ? ('feed' as const) : ('feedThrough' as const),
    conductors: CORES.map((carries, i) => ({
      id: String(i),
      gauge: { awg: 14 },
      strands: 'solid' as const,
      metal: 'copper' as const,
      colour: (['black', 'white', 'bare'] as const)[i] ?? 'cloth',
      claims: carries,
      carries,
      state: 'good' as const,
      passes: null,
      freeM: null,
    })),
  })),
});

/** Rules on a graph of sixty leads, beside rules that each look at the wiring anew; and a keystroke at a box. */
export function benchBox(): void {
  const { planned } = fixturePlan(boxOf(18), {
    fixture: {
      name: 'Camera',
      leadMm2: 0.823,
      leadStrands: 'stranded',
      grounded: true,
      colours: { hot: 'black', neutral: 'white', ground: 'green' },
    },
    feedId: 'useFeed',
    groundId: 'useGround',
    cure: null,
    energise: true,
    spliceHow: () => null,
    barHow: '',
    plateHow: '',
    vanHow: '',
    opening: openingTasks(null),
  });
  const ours = timesOf(200, () => checkWiring(planned, BARE_CONTEXT));
  const plain = timesOf(50, () => RULES.flatMap(({ check }) => check(graphOf(planned), BARE_CONTEXT)));
  line(
    `${RULES.length} rules on a graph of ${planned.leads.length} leads`,
    `p50 ${ms(share(ours, 0.5))}, p95 ${ms(share(ours, 0.95))}`,
  );
  line('  each rule with a graph of its own', `${(share(plain, 0.5) / share(ours, 0.5)).toFixed(1)} times as slow`);
  let ids = 0;
  const jobs = demoJobs(
    () => `box-${++ids}`,
    (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
  );
  const eider = jobs.find(({ title }) => title === 'Eider Yard');
  const entries = eider?.entries ?? [];
  const keystroke = timesOf(40, () => {
    const point = fold({ id: 'bench', title: '', createdAt: '' }, entries).points.find(
      (one): one is Floodlight => one.id === 'side' && one.kind === 'floodlight',
    );
    if (point) fixtureOptions(point, SHIPPED_CATALOGUE, {});
  });
  const point = fold({ id: 'bench', title: '', createdAt: '' }, entries).points.find(
    (one): one is Floodlight => one.id === 'side' && one.kind === 'floodlight',
  );
  const options = timesOf(100, () => point && fixtureOptions(point, SHIPPED_CATALOGUE, {}));
  line(
    'remedies, splices, box fill and cures of a box',
    `p50 ${ms(share(options, 0.5))}, p95 ${ms(share(options, 0.95))}`,
  );
  line(
    `  with the fold of its job, ${entries.length} entries`,
    `p50 ${ms(share(keystroke, 0.5))}, p95 ${ms(share(keystroke, 0.95))}`,
  );
}
