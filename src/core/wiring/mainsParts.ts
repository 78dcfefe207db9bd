import { said, type Text } from '../said';
import type { Wire } from './wire';
import type { Carries, Joint, Lead, Part, WiringPlace } from './wiring';

export const spliceAt = (id: string, place: WiringPlace, name: Text): Joint => ({ id, place, kind: 'splice', name });
export const capAt = (id: string, place: WiringPlace, name: Text): Joint => ({ id, place, kind: 'cap', name });

const screw = (id: string, place: WiringPlace, name: Text): Joint => ({ id, place, kind: 'screw', name });
const port = (id: string, place: WiringPlace, name: Text): Joint => ({ id, place, kind: 'port', name });

/** A switch or timer in the wall, between `in` and `out`. */
export const switchPart = (id: string, name: Text): Part => ({
  id,
  name,
  place: 'switch',
  joints: [screw(`${id}.in`, 'switch', said('fed')), screw(`${id}.out`, 'switch', said('switchedScrew'))],
  elements: [{ id: `${id}.switch`, kind: 'switch', from: `${id}.in`, to: `${id}.out` }],
  leads: [],
});

/** A fused spur on the way to the box: only its hot passes the fuse. */
export const spurPart = (id: string, name: Text): Part => ({
  id,
  name,
  place: 'switch',
  joints: [screw(`${id}.in`, 'switch', said('supply')), screw(`${id}.out`, 'switch', said('load'))],
  elements: [{ id: `${id}.fuse`, kind: 'fuse', from: `${id}.in`, to: `${id}.out` }],
  leads: [],
});

/** A lead that comes with a part, from its own side to nothing yet. */
const ownLead = (part: string, carries: Carries, name: Text, wire: Wire | undefined): Lead => ({
  id: `${part}.${carries}`,
  name,
  carries,
  from: `${part}.${carries} side`,
  to: null,
  ...(wire ? { wire } : {}),
});

/** Leads of a fixture, as far as it has them. */
export interface FixtureWires {
  readonly hot?: Wire;
  readonly neutral?: Wire;
  /** Null: a fixture of class II, or an old one without a ground lead. */
  readonly ground?: Wire | null;
}

/** A lamp with leads of its own: the old fixture, or the floodlight camera. */
export function fixturePart(id: string, name: Text, { hot, neutral, ground }: FixtureWires): Part {
  const grounded = ground !== null;
  return {
    id,
    name,
    place: 'box',
    joints: [
      port(`${id}.hot side`, 'box', said('hotSide')),
      port(`${id}.neutral side`, 'box', said('neutralSide')),
      ...(grounded ? [port(`${id}.ground side`, 'box', said('groundSide'))] : []),
    ],
    elements: [{ id: `${id}.lamp`, kind: 'lamp', from: `${id}.hot side`, to: `${id}.neutral side` }],
    leads: [
      ownLead(id, 'hot', said('hotOf', { name }), hot),
      ownLead(id, 'neutral', said('neutralOf', { name }), neutral),
      ...(grounded ? [ownLead(id, 'ground', said('groundOf', { name }), ground)] : []),
    ],
    ...(grounded ? { bonds: [`${id}.ground side`] } : {}),
  };
}

/** A sensor or photocell ahead of the old lamp, in its fixture: fed, a neutral of its own, and what it switches. */
export const sensorPart = (id: string, name: Text): Part => ({
  id,
  name,
  place: 'box',
  joints: [
    port(`${id}.hot side`, 'box', said('hotSide')),
    port(`${id}.neutral side`, 'box', said('neutralSide')),
    port(`${id}.out side`, 'box', said('switchedSide')),
  ],
  elements: [{ id: `${id}.sensor`, kind: 'sensor', from: `${id}.hot side`, to: `${id}.out side` }],
  leads: [
    ownLead(id, 'hot', said('hotOf', { name }), undefined),
    ownLead(id, 'neutral', said('neutralOf', { name }), undefined),
    { id: `${id}.out`, name: said('switchedLeadOf', { name }), carries: 'hot', from: `${id}.out side`, to: null },
  ],
});

/** An outlet in the box, three screws. */
export const outletPart = (id: string, name: Text): Part => ({
  id,
  name,
  place: 'box',
  joints: (['hot', 'neutral', 'ground'] as const).map((one) =>
    screw(`${id}.${one}`, 'box', said('carries', { carries: one })),
  ),
  elements: [],
  leads: [],
  bonds: [`${id}.ground`],
});

/** Metal with one ground screw: a box, a mounting plate. */
export const bondedPart = (id: string, name: Text, screwName: Text): Part => ({
  id,
  name,
  place: 'box',
  joints: [screw(`${id}.ground`, 'box', screwName)],
  elements: [],
  leads: [],
  bonds: [`${id}.ground`],
});

/** A pigtail: a short lead between two joints in the box. */
export const pigtail = (id: string, name: Text, carries: Carries, wire: Wire | undefined): Lead => ({
  id,
  name,
  carries,
  from: null,
  to: null,
  pigtail: true,
  ...(wire ? { wire } : {}),
});
