import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface MountSayings {
  // doorView
  tallestCloseUp: None;
  tallestStepBack: None;
  shortestCloseUp: None;
  shortestStepBack: None;
}

declare module '../said/said' {
  interface Sayings extends MountSayings {}
}
