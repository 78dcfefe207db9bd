import { sheetOpenVolts, type SheetVolts } from '../circuit';
import type { TransformerFit } from '../wiring';

/** A transformer that can be fitted instead of the old one. */
export interface TransformerItem {
  readonly id: string;
  readonly name: string;
  readonly ratedVolts: number;
  readonly ratedVa: number;
  /** At nominal mains with nothing connected, by its sheet: 5, 50 and 95 % points. */
  readonly openVolts: SheetVolts;
  /** Work of one person, without finding the old one. */
  readonly minutes: number;
  readonly cost: number;
  /** Whether its work touches mains conductors. A plug-in adapter does not. */
  readonly mainsWork: boolean;
  readonly fit: TransformerFit;
  /** Ways that it takes on a DIN rail; 0 elsewhere. */
  readonly railWays: number;
  readonly tools: readonly string[];
  readonly parts: readonly string[];
  readonly regions: readonly string[];
}

/** For whoever is permitted to do its mains side. */
const MAINS_TOOLS = ['two-pole tester', 'lock and tag', 'insulated drivers', 'wire stripper'] as const;

/** Made-up generic entries. */
const SHIPPED: readonly Omit<TransformerItem, 'openVolts'>[] = [
  {
    id: 'box-16-30',
    name: '16 V 30 VA',
    ratedVolts: 16,
    ratedVa: 30,
    minutes: 45,
    cost: 28,
    mainsWork: true,
    fit: 'onBox',
    tools: MAINS_TOOLS,
    railWays: 0,
    parts: ['16 V 30 VA transformer', 'cable clamp 1/2 in', '3 twist-on connectors'],
    regions: ['na-120'],
  },
  {
    id: 'box-24-40',
    name: '24 V 40 VA',
    ratedVolts: 24,
    ratedVa: 40,
    minutes: 45,
    cost: 34,
    mainsWork: true,
    fit: 'onBox',
    tools: MAINS_TOOLS,
    railWays: 0,
    parts: ['24 V 40 VA transformer', 'cable clamp 1/2 in', '3 twist-on connectors'],
    regions: ['na-120'],
  },
  {
    id: 'plug-18-30',
    name: '18 V 30 VA plug-in adapter',
    ratedVolts: 18,
    ratedVa: 30,
    minutes: 25,
    cost: 30,
    mainsWork: false,
    fit: 'plugIn',
    tools: ['wire stripper'],
    railWays: 0,
    parts: ['18 V 30 VA plug-in adapter, AC out', '2 inline connectors'],
    regions: ['na-120'],
  },
  {
    id: 'din-12-24',
    name: 'DIN-rail 12 V 24 VA',
    ratedVolts: 12,
    ratedVa: 24,
    minutes: 45,
    cost: 19,
    mainsWork: true,
    fit: 'dinRail',
    tools: MAINS_TOOLS,
    railWays: 2,
    parts: ['DIN-rail transformer 12 V 24 VA', 'fused spur 3 A'],
    regions: ['gb-230'],
  },
  {
    id: 'din-24-24',
    name: 'DIN-rail 24 V 24 VA',
    ratedVolts: 24,
    ratedVa: 24,
    minutes: 45,
    cost: 24,
    mainsWork: true,
    fit: 'dinRail',
    tools: MAINS_TOOLS,
    railWays: 2,
    parts: ['DIN-rail transformer 24 V 24 VA', 'fused spur 3 A'],
    regions: ['gb-230'],
  },
  {
    id: 'plug-24-20',
    name: '24 V 20 VA plug-in adapter',
    ratedVolts: 24,
    ratedVa: 20,
    minutes: 30,
    cost: 27,
    mainsWork: false,
    fit: 'plugIn',
    tools: ['wire stripper'],
    railWays: 0,
    parts: ['24 V 20 VA plug-in adapter, AC out', '2 connectors'],
    regions: ['gb-230'],
  },
];

export const TRANSFORMERS: readonly TransformerItem[] = SHIPPED.map((one) => ({
  ...one,
  openVolts: sheetOpenVolts(one),
}));
