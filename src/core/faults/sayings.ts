import type { None, Text } from '../said';

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
