import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface MountSayings {
  oldBoardsStucco: None;
  pilotOnly: None;
  oldPaintMay: None;
  pilotOf3: None;
  smallAnchors: None;
  masonryOf6: None;
  anchorsOf6: None;
  longAnchorsBlock: None;
  plasterboardAloneDoes: None;
  masonryOf4: None;
  concreteScrews: None;
  mountingBlockBehind: None;
  leaveSidingRoom: None;
  metalOf3: None;
  selfTappingScrews: None;
  deburrGrommetCable: None;
}

declare module '../said/said' {
  interface Sayings extends MountSayings {}
}
