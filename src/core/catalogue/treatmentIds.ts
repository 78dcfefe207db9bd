/** Ids of the chime treatments, for what refers to them without needing them. */
export const TREATMENT_IDS = [
  'leaveAsIs',
  'diode',
  'powerModule',
  'inlineModule',
  'newChime',
  'moduleBypass',
  'jumper',
  'fuseLink',
  'takeOut',
  'noChime',
  'protector',
  'boxedReplaced',
] as const;
