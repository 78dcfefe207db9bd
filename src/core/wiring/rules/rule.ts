import type { Text } from '../../said';
import type { WiringGraph } from './graph';

/** `stop`: not so. `open`: not asked, and so not passed. `worry`: to be put right or accepted in words. `remark`: to know. */
export type Severity = 'stop' | 'open' | 'worry' | 'remark';

/** Something of a box, by its conductor. */
interface Named {
  readonly id: string;
  readonly name: Text;
}

/** What was found of a box and its circuit, for the rules that look beyond the wiring; null where it is not known. */
export interface BoxKnown {
  /** Breaker or fuse, with the smallest conductor of the building behind it; null where its rating was not said. */
  readonly protection: {
    readonly amps: number;
    /** Null where its fuse counts, or no conductor is known. */
    readonly smallest: (Named & { readonly mostAmps: number; readonly worryAmps: number }) | null;
  } | null;
  /** Hots of one function that would be joined: whether they are one by test. */
  readonly hots: readonly {
    readonly names: readonly Text[];
    readonly leads: readonly string[];
    readonly state: 'one' | 'apart' | 'open';
  }[];
  readonly switchedNeutrals: readonly Named[];
  readonly strangeVolts: readonly (Named & { readonly volts: number })[];
  /** `cutBack`: whether there is length to cut it back; null where that was not measured. */
  readonly damaged: readonly (Named & { readonly state: 'nicked' | 'brittle'; readonly cutBack: boolean | null })[];
  readonly passingAluminium: readonly Text[];
  /** An outlet that stays beside the camera; null where none does. */
  readonly keptOutlet: { readonly isProtected: boolean | null; readonly hasOwnBox: boolean } | null;
  readonly bears: 'yes' | 'no' | null;
  readonly wetRated: 'yes' | 'no' | null;
  /** A ring or box that is to go on it, and how it sits at the wall; null for none. */
  readonly cure: { readonly name: string; readonly proudM: number; readonly dry: 'yes' | 'no' | 'open' } | null;
  readonly pose: { readonly can: boolean; readonly headMissDeg: number; readonly sensorMissDeg: number } | null;
  /** What rules need and nobody gave, each with where it is asked. */
  readonly unasked: readonly { readonly id: string; readonly words: Text }[];
}

/** What a rule found: a plain sentence with the conductors in it. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly words: Text;
  /** Ids of the leads that it is about. */
  readonly leads: readonly string[];
}

/** Whether something suffices, and the figures in words. */
export interface Sufficiency {
  readonly suffices: boolean;
  readonly words: Text;
}

/** What a rule needs beside the graph. All of it is worked out elsewhere; null where it is not known. */
export interface RuleContext {
  /** What holds a splice: whether its range holds the leads that are in it. */
  readonly connectorAt: (joint: string) => Sufficiency | null;
  /** Fill of the box; outside the rule’s region it is guidance and no stop. */
  readonly fill: (Sufficiency & { readonly guidance: boolean }) | null;
  /** Load of the circuit; `over` where even the rating is exceeded. */
  readonly load: (Sufficiency & { readonly over: boolean }) | null;
  readonly fixture: { readonly name: string; readonly voltsLow: number; readonly voltsHigh: number } | null;
  /** Of a box that something is to hang on; null elsewhere. */
  readonly box: BoxKnown | null;
  /** What is asked of the outlet of a plug; none where nothing plugs in. */
  readonly outlet: readonly Sufficiency[];
  readonly nominalVolts: number;
  /** Circuits that are named at Isolate as feeding this point. */
  readonly namedCircuits: number | null;
  /** A decision in writing to go on without a grounding conductor, as the rule of the region allows. */
  readonly groundDecision: string | null;
}

/** Nothing known but the wiring: what the rules of the graph itself need. */
export const BARE_CONTEXT: RuleContext = {
  connectorAt: () => null,
  fill: null,
  load: null,
  fixture: null,
  box: null,
  outlet: [],
  nominalVolts: 120,
  namedCircuits: null,
  groundDecision: null,
};

/** A finding as a rule says it; its severity is the rule’s where it names none. */
export type RuleFinding = Pick<Finding, 'words' | 'leads'> & { readonly severity?: Severity };

export type Check = (graph: WiringGraph, context: RuleContext) => readonly RuleFinding[];

/** One thing that a wiring must not have. One file each, and a line in the register. */
export interface Rule {
  readonly id: string;
  /** As a rule of the trade, in a few words. */
  readonly name: Text;
  /** Of its findings, where they do not say another. */
  readonly severity: Severity;
  readonly check: Check;
}
