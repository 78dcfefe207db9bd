import type { Lift } from './lift';

/**
 * What the steps of every plan touched while a tick did not say it, by their names of then. Written down once and
 * closed: nothing new is ever looked up here, and a name that is not in it counts as mains.
 */
const TOUCHED_NOTHING: ReadonlySet<string> = new Set([
  'tap-photo',
  'chime-look',
  'chime-label',
  'module-place',
  'inline-place',
  'bypass-place',
  'fuse-test',
  'mains-who',
  'mains-photo',
  'mains-always-on',
  'mains-energise',
  'mains-label',
  'nochime-check',
  'boxed-fuse-test',
  'van-unpack',
  'box-photo',
  'box-energise',
  'ground-new-who',
  'ground-by-rule',
  'feed-cable-who',
]);
const TOUCHED_BELL: ReadonlySet<string> = new Set([
  'tap-move',
  'mend-toChime',
  'mend-toChime-loop',
  'mend-toDoor',
  'mend-toDoor-loop',
  'pairs-near',
  'pairs-far',
  'repull-cable',
  'repull-loop',
  'repull-swap',
  'door-old',
  'door-d1',
  'door-d2',
  'diode-door',
  'module-front',
  'module-trans',
  'inline-front',
  'inline-trans',
  'bypass-front',
  'bypass-trans',
  'bypass-rear',
  'jumper-front',
  'jumper-trans',
  'fuse-front',
  'fuse-trans',
  'fuse-rear',
  'takeout-front',
  'takeout-trans',
  'takeout-rear',
  'takeout-blank',
  'mains-bell-off',
  'mains-pair',
  'adapter-off',
  'adapter-join',
  'old-module-out',
  'old-link-out',
  'wires-back',
  'protector-in',
  'boxed-link',
]);

/** 1 → 2: a tick carries what its step touched. */
export const tickWithTouches: Lift = (data) => {
  // Who says no version may write in the new form all the same
  if (data.touches !== undefined) return data;
  const step = String(data.stepId);
  return { ...data, touches: TOUCHED_NOTHING.has(step) ? 'nothing' : TOUCHED_BELL.has(step) ? 'bell' : 'mains' };
};
