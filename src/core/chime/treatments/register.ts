import type { Treatment } from '../treatment';
import { boxedReplaced } from './boxedReplaced';
import { fuseLink } from './fuseLink';
import { inlineModule } from './inlineModule';
import { jumper } from './jumper';
import { leaveAsIs } from './leaveAsIs';
import { moduleBypass } from './moduleBypass';
import { noChime } from './noChime';
import { powerModule } from './powerModule';
import { takeOut } from './takeOut';

/** Every treatment, in the order in which a practitioner thinks of them. */
export const TREATMENTS: readonly Treatment[] = [
  leaveAsIs,
  powerModule,
  inlineModule,
  moduleBypass,
  jumper,
  fuseLink,
  takeOut,
  noChime,
  boxedReplaced,
];
