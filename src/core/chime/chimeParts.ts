import { betweenPart, type Part } from '../wiring';

/** A power module with leads of its own; what it has in standby is the catalogue’s where the firm fits another. */
export const modulePart = (id: string): Part =>
  betweenPart({
    id,
    name: 'module',
    place: 'chime',
    kind: 'shunt',
    ohms: 1,
    leads: ['module lead', 'other module lead'],
  });

/** A fused lead that joins two wires. */
export const fuseLinkPart = (): Part =>
  betweenPart({
    id: 'fuse',
    name: 'fuse link',
    place: 'chime',
    kind: 'link',
    ohms: 0.15,
    leads: ['the fuse link', 'the fuse link’s other end'],
  });
