import type { MountSayings } from '@/core/mount';
import type { Sentences } from '../sentence';

export const mount: Sentences<MountSayings> = {
  oldBoardsStucco: 'Old boards and stucco may hold asbestos: not drilled until known.',
  pilotOnly: 'pilot only, 2.5 mm (3/32 in)',
  oldPaintMay: 'Old paint may hold lead: no dry sanding.',
  pilotOf3: 'pilot 3 mm (1/8 in)',
  smallAnchors: 'small anchors',
  masonryOf6: 'masonry 6 mm (1/4 in)',
  anchorsOf6: 'anchors 6 mm (1/4 in)',
  longAnchorsBlock: 'long anchors into the block',
  plasterboardAloneDoes: 'Plasterboard alone does not hold it.',
  masonryOf4: 'masonry 4 mm (5/32 in)',
  concreteScrews: 'concrete screws 5 mm (3/16 in)',
  mountingBlockBehind: 'mounting block behind',
  leaveSidingRoom: 'Leave the siding room to move.',
  metalOf3: 'metal 3 mm (1/8 in)',
  selfTappingScrews: 'self-tapping screws',
  deburrGrommetCable: 'Deburr and grommet the cable hole.',
};
