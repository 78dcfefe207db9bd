/** Drawings and plots. */
export const drawing = {
  rearDoor: 'rear door',
  passBy: 'pass by',
  fromTheChime: 'from the chime',
  otherWire: 'other wire',
  straightWire: 'straight wire',
  grYel: 'gr-yel',
  putItAt: ({ name }: { readonly name: string }) => `Put it at ${name}`,
  bellCircuit: 'Bell circuit',
  nameplate: 'nameplate',
  twoChimes: 'Two chimes',
  chime: 'Chime',
  trans: 'Trans',
  front: 'Front',
  collapses: 'collapses',
  atTheDoorDrops: ({
    words,
    figure,
    doorMinVolts,
  }: {
    readonly words: string;
    readonly figure: string;
    readonly doorMinVolts: string;
  }) => `${words}: ${figure} at the door, drops out under ${doorMinVolts}`,
  dropsOutUnder: ({ doorMinVolts }: { readonly doorMinVolts: string }) => `drops out under ${doorMinVolts}`,
  weakUnder: ({ doorFullVolts }: { readonly doorFullVolts: string }) => `weak under ${doorFullVolts}`,
  mayNotHoldAt: 'may not hold at all',
  nothing: 'nothing',
  door: 'door',
  transformer: 'transformer',
  chime2: 'chime',
  rear: 'rear',
  n2nd: '2nd',
};
