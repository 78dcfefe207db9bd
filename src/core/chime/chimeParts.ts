import { said } from '../said';
import { betweenPart, type Part } from '../wiring';

/** A power module with leads of its own; what it has in standby is the catalogue’s where the firm fits another. */
export const modulePart = (id: string): Part =>
  betweenPart({
    id,
    name: said('module'),
    place: 'chime',
    kind: 'shunt',
    ohms: 1,
    leads: [said('moduleLead'), said('otherModuleLead')],
  });

/** A fused lead that joins two wires. */
export const fuseLinkPart = (): Part =>
  betweenPart({
    id: 'fuse',
    name: said('fuseLink'),
    place: 'chime',
    kind: 'link',
    ohms: 0.15,
    leads: [said('aFuseLink'), said('fuseLinksOther')],
  });
