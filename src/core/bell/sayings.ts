import type { LastingState } from '../catalogue';
import type { None, Text } from '../said';
import type { VerdictWord } from './judge';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface BellSayings {
  /** The word for how a circuit stands. */
  verdict: { readonly verdict: VerdictWord };
  /** A state that a device stays in. */
  // assess
  transformerLikelyV: { readonly volts: number };
  vaLikely: { readonly figure: number; readonly figure2: number; readonly figure3: number };
  toTheDoor: None;
  toTheChime: None;
  run: { readonly where: Text; readonly run: number; readonly guessPercent: number };
  wire: { readonly where: Text; readonly gauge: Text };
  chimeCoilJ: { readonly ohms: number; readonly reactanceOhms: number };
  // judge
  /** What a new transformer has to read open, V at nominal mains. */
  openRange: { readonly mostVolts: number | null; readonly leastVolts: number | null };
  onCondition: { readonly reason: Text; readonly range: Text; readonly chance: number };
  lowMains: { readonly state: LastingState };
  doorKeepsBut: { readonly at: number; readonly name: Text; readonly belief: number };
  fallsTo: { readonly likely: number };
  getsTooLittle: None;
  doorKeepsButSame: { readonly at: number; readonly name: Text; readonly does: Text; readonly minVolts: number };
  doorKeepsCharges: { readonly at: number; readonly ordinary: number; readonly busy: number };
  doorKeepsButTrickle: { readonly at: number; readonly ordinary: number };
  doorWouldKeep: { readonly when: Text; readonly at: number };
  devicesCapacitorCounted: { readonly onPaper: Text; readonly belief: number };
  comesDown: { readonly likelyCapVolts: number };
  runsEmpty: None;
  butBetweenPulses: { readonly onPaper: Text; readonly does: Text; readonly lockOutVolts: number };
  highMainsDoor: { readonly high: number; readonly doorMaxVolts: number };
  doorKeepsButCases: {
    readonly when: Text;
    readonly at: number;
    readonly tooHighShare: number;
    readonly doorMaxVolts: number;
  };
  highMainsDoorStands: { readonly likely: number; readonly doorMaxVolts: number };
  doorKeepsDevice: { readonly when: Text; readonly at: number; readonly doorFullVolts: number };
  doorKeepsOver: {
    readonly when: Text;
    readonly at: number;
    readonly doorMinVolts: number;
    readonly doorFullVolts: number;
  };
  doorKeepsButTransformer: { readonly when: Text; readonly at: number };
  doorKeepsButCasesDrops: {
    readonly when: Text;
    readonly at: number;
    readonly belief: number;
    readonly doorMinVolts: number;
  };
  doorFallsDevice: { readonly when: Text; readonly at: number; readonly doorMinVolts: number };
  supplyCollapsesCant: { readonly when: Text; readonly governing: number };
  doorLikelyDevice: { readonly when: Text; readonly at: number; readonly doorMinVolts: number };
  supplyLikelyCollapses: { readonly when: Text; readonly doorMinVolts: number };
  electronicChimeSeriesCant: None;
}

declare module '../said/said' {
  interface Sayings extends BellSayings {}
}
