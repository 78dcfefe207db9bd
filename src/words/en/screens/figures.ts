/** Figures and readings. */
export const figures = {
  transformer: 'transformer',
  acrossTheChime: 'across the chime',
  door: 'door',
  open: 'open',
  under: ({ ohms }: { readonly ohms: string | number }) => `under ${ohms} Ω`,
  simulated: ', simulated',
  mains: 'mains',
  chimeCoil: 'chime coil',
  runToThe: ({ midway }: { readonly midway: string }) => `run to the ${midway}`,
  deviceReport: ({ stateWords }: { readonly stateWords: string }) => `device report, ${stateWords}`,
  to: ({ low, high, unit }: { readonly low: string | number; readonly high: string | number; readonly unit: string }) =>
    `${low} to ${high} ${unit}`,
  collapses: 'collapses',
  over99: 'over 99 %',
  under1: 'under 1 %',
};
