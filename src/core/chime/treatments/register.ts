import { said } from '../../said';
import {
  ORDINARY_BELL,
  applyMoves,
  bellPathOf,
  foundBell,
  mainsSide,
  type BellFacts,
  type Task,
  type Wiring,
} from '../../wiring';
import type { Treatment, TreatmentPlan } from '../treatment';
import { boxedReplaced } from './boxedReplaced';
import { diode } from './diode';
import { fuseLink } from './fuseLink';
import { inlineModule } from './inlineModule';
import { jumper } from './jumper';
import { leaveAsIs } from './leaveAsIs';
import { moduleBypass } from './moduleBypass';
import { newChime } from './newChime';
import { noChime } from './noChime';
import { powerModule } from './powerModule';
import { protector } from './protector';
import { takeOut } from './takeOut';

/** Every treatment, in the order in which a practitioner thinks of them. */
const PLANS: readonly TreatmentPlan[] = [
  leaveAsIs,
  diode,
  powerModule,
  inlineModule,
  newChime,
  moduleBypass,
  jumper,
  fuseLink,
  takeOut,
  noChime,
  protector,
  boxedReplaced,
];

/** The plainest wiring that a treatment is made for. */
function plainWiring({ kinds }: TreatmentPlan): Wiring {
  const chime: BellFacts['chime'] = kinds.includes('boxedMains')
    ? 'boxed'
    : kinds.includes('mechanical') || kinds.includes('electronic')
      ? 'screws'
      : 'none';
  const found = foundBell({ ...ORDINARY_BELL, chime });
  const after = (wiring: Wiring, tasks: readonly Task[]): Wiring =>
    applyMoves(
      wiring,
      tasks.flatMap(({ moves }) => moves),
    );
  // A boxed chime goes with its transformer
  return chime === 'boxed'
    ? after(
        found,
        mainsSide(
          found,
          { name: said('newTransformer'), ratedVolts: 0, fit: 'dinRail', enclosure: null, work: 'board' },
          false,
        ),
      )
    : found;
}

/** A treatment’s path from Trans to Front follows from what it does to a wiring. */
function withPath(plan: TreatmentPlan): Treatment {
  const plain = plainWiring(plan);
  const standing = bellPathOf(
    applyMoves(
      plain,
      plan.tasks(plain).flatMap(({ moves }) => moves),
    ),
  );
  if (!standing) throw new Error(`${plan.id} leaves the loop open`);
  const { tasks: _tasks, ...data } = plan;
  return { ...data, standing };
}

export const TREATMENTS: readonly Treatment[] = PLANS.map(withPath);

/** What a treatment changes of a wiring whose chime stands bare; nothing for one that nobody knows. */
export const treatmentTasks = (id: string, found: Wiring): readonly Task[] =>
  PLANS.find((plan) => plan.id === id)?.tasks(found) ?? [];
