import { said, type Text } from '../said';
import type { ChimeKind } from './kind';

/** What a device can be told of the chime in the wall. A wrong one can short the loop at each press. */
export const CHIME_SETTINGS = [
  'mechanicalWithModule',
  'mechanicalAlone',
  'electronic',
  'electronicWithDiode',
  'none',
] as const;
export type ChimeSetting = (typeof CHIME_SETTINGS)[number];

export const settingName = (setting: ChimeSetting): Text => said('chimeSetting', { setting });

/** The setting that a treatment wants at a chime: one that is left as it is may be of either kind. */
export const settingAt = (setting: ChimeSetting, kind: ChimeKind | null): ChimeSetting =>
  setting === 'mechanicalAlone' && kind === 'electronic' ? 'electronic' : setting;
