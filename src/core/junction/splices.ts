import { said, type Text } from '../said';
import type { Connector } from '../catalogue';
import { gaugeMm2, leadsAt, type Joint, type Lead, type Sufficiency, type Wire, type Wiring } from '../wiring';

/** How a connector holds what is in a splice. */
export interface Holding {
  /** Leads that are folded back on themselves, so that the connector grips them. */
  readonly doubled: readonly Text[];
}

interface SizedLead {
  readonly id: string;
  readonly mm2: number;
  readonly strands: Wire['strands'];
}

/** A thin stranded lead beside a solid one is laid ahead of it by so much. */
export const AHEAD_M = 0.003;

/** A lead under a grip’s least, folded once. */
const folded = ({ mm2 }: SizedLead): number => 2 * mm2;

function twistOnHolds(connector: Connector, leads: readonly SizedLead[]): Holding | null {
  const total = leads.reduce((sum, { mm2 }) => sum + mm2, 0);
  if (leads.length > connector.mostCount || total > connector.mostMm2) return null;
  if (total >= connector.leastMm2) return { doubled: [] };
  // Too thin together: the thinnest stranded ones are folded, as far as it takes
  const thin = leads.filter(({ strands }) => strands === 'stranded').sort((a, b) => a.mm2 - b.mm2);
  let grown = total;
  const doubled: string[] = [];
  for (const lead of thin) {
    if (grown >= connector.leastMm2 || leads.length + doubled.length >= connector.mostCount) break;
    grown += lead.mm2;
    doubled.push(lead.id);
  }
  return grown >= connector.leastMm2 && grown <= connector.mostMm2 ? { doubled } : null;
}

function portsHold(connector: Connector, leads: readonly SizedLead[]): Holding | null {
  if (leads.length > connector.mostCount) return null;
  const doubled: string[] = [];
  for (const lead of leads) {
    if (lead.mm2 > connector.mostMm2) return null;
    if (lead.mm2 >= connector.leastMm2) continue;
    if (lead.strands !== 'stranded' || folded(lead) < connector.leastMm2) return null;
    doubled.push(lead.id);
  }
  return { doubled };
}

/** Whether a connector holds these leads, by its range; null where it does not. A splice of one is none. */
export function connectorHolds(connector: Connector, leads: readonly SizedLead[]): Holding | null {
  if (leads.length < Math.max(2, connector.leastCount)) return null;
  if (connector.takes === 'solid' && leads.some(({ strands }) => strands === 'stranded')) return null;
  return connector.kind === 'twistOn' ? twistOnHolds(connector, leads) : portsHold(connector, leads);
}

/** A splice to make: what goes in, what holds it, how. */
export interface Splice {
  readonly joint: Joint;
  readonly leads: readonly Lead[];
  /** Smallest connector of the catalogue that holds it; null where none does, or a size is not known. */
  readonly connector: Connector | null;
  readonly doubled: readonly Lead[];
  /** Thin stranded leads that are laid ahead of the solid ones. */
  readonly ahead: readonly Lead[];
  /** Why there is no connector. */
  readonly problem: Text | null;
}

/** Sizes of what is in a splice; a lead made on the spot is as thick as the thickest beside it. Null where none is known. */
function sizesOf(leads: readonly Lead[]): readonly SizedLead[] | null {
  const known = leads.flatMap(({ wire }) => (wire ? [gaugeMm2(wire.gauge)] : []));
  if (known.length === 0) return null;
  const thickest = Math.max(...known);
  return leads.map(({ id, wire }) => ({
    id,
    mm2: wire ? gaugeMm2(wire.gauge) : thickest,
    strands: wire?.strands ?? 'solid',
  }));
}

/** Splices come in the order in which they are safe to make: ground, neutral, hot. */
const ORDER = ['ground', 'neutral', 'hot', 'unknown', 'bell'] as const;
const rank = ({ leads }: Splice): number => ORDER.indexOf(leads[0]?.carries ?? 'unknown');

function spliceAtJoint(wiring: Wiring, joint: Joint, connectors: readonly Connector[]): Splice {
  const leads = leadsAt(wiring, joint.id);
  const none = (problem: Text): Splice => ({ joint, leads, connector: null, doubled: [], ahead: [], problem });
  const metal = leads.find(({ wire }) => wire?.metal === 'aluminium');
  if (metal) return none(said('aluminiumLicensedElectrician', { metal: metal.name }));
  const sizes = sizesOf(leads);
  if (!sizes) return none(said('sizesTheseConductors'));
  for (const connector of connectors) {
    const holding = connectorHolds(connector, sizes);
    if (!holding) continue;
    const solid = sizes.some(({ strands }) => strands === 'solid');
    const stranded = new Set(
      connector.kind === 'twistOn' && solid
        ? sizes.filter(({ strands }) => strands === 'stranded').map(({ id }) => id)
        : [],
    );
    return {
      joint,
      leads,
      connector,
      doubled: leads.filter(({ id }) => holding.doubled.includes(id)),
      ahead: leads.filter(({ id }) => stranded.has(id)),
      problem: null,
    };
  }
  const total = sizes.reduce((sum, { mm2 }) => sum + mm2, 0);
  return none(said('noConnectorCatalogue', { leadsCount: leads.length, total }));
}

/**
 * The splices of a wiring’s mains side, each with the smallest connector that holds it.
 * @param connectors the smallest first
 */
export const splicesOf = (wiring: Wiring, connectors: readonly Connector[]): readonly Splice[] =>
  wiring.splices
    .filter(({ kind, id }) => kind === 'splice' && leadsAt(wiring, id).some(({ carries }) => carries !== 'bell'))
    .map((joint) => spliceAtJoint(wiring, joint, connectors))
    .sort((a, b) => rank(a) - rank(b));

/** Whether a splice is held, for the rules; a size that is not known says nothing. */
export function connectorAt(wiring: Wiring, connectors: readonly Connector[]): (joint: string) => Sufficiency | null {
  const splices = new Map(splicesOf(wiring, connectors).map((splice) => [splice.joint.id, splice]));
  return (joint) => {
    const splice = splices.get(joint);
    // One lead alone and aluminium are told by rules of their own
    if (!splice || splice.leads.length < 2 || splice.leads.some(({ wire }) => wire?.metal === 'aluminium')) return null;
    if (splice.connector) return { suffices: true, words: splice.connector.name };
    return sizesOf(splice.leads)
      ? { suffices: false, words: said('spliceProblem', { splice: splice.joint.name, problem: splice.problem ?? '' }) }
      : null;
  };
}

/** Splices that the connector of the bag does not hold; all of them where none came. */
export const tooBigForBag = (splices: readonly Splice[], bag: Connector | null): readonly Splice[] =>
  splices.filter(({ leads, connector }) => {
    if (!connector) return false;
    const sizes = sizesOf(leads);
    return !bag || !sizes || !connectorHolds(bag, sizes);
  });
