import type { None, Text } from '../said';
import type { FigureOf } from './diagnosis';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface FaultSayings {
  /** What is complained of, in the customer’s words. */
  complaint: { readonly symptom: string };
  /** What may be out of order; two at once by both their names. */
  faultName: { readonly fault: string };
  /** What is done about it. */
  faultRepair: { readonly fault: string };
  /** The same for whoever lives there, once it was done. */
  faultRepaired: { readonly fault: string };
  testName: { readonly test: string; readonly state: string };
  testHow: { readonly test: string };
  /** What a test came to. */
  testWord: { readonly test: string; readonly word: string };
  /** What it came to as a figure. */
  testFigure: { readonly value: number; readonly of: FigureOf };
  notTested: { readonly why: string };
  repairTold: { readonly fault: string; readonly fixed: boolean };
  partTold: {
    readonly part: string | null | undefined;
    readonly batch: string | null | undefined;
    readonly deadNew: boolean;
  };
  /** For the customer: of which point it was. */
  mendedAt: { readonly point: string; readonly words: Text };
  testPlace: { readonly place: string };
  /** Why an act waits. */
  byLicence: None;
  switchItOnFirst: None;
  faultShort: None;
  lookingFor: { readonly complaint: Text };
  faultLookedFor: { readonly complaint: Text };
  findItsFault: { readonly complaint: Text };
  nextInFinder: None;
}

declare module '../said/said' {
  interface Sayings extends FaultSayings {}
}
