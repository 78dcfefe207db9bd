import { awgToMm2 } from '../../circuit';
import { NOTHING_ADDED, type Added } from '../../junction';

/** Leads of a primary, where a transformer sits on the box. */
const PRIMARY_MM2 = awgToMm2(18);

/** What a transformer on a box puts into it: two primary leads and its ground, through a knock-out. */
export const TRANSFORMER_ADDED: Added = {
  ...NOTHING_ADDED,
  leads: [{ mm2: PRIMARY_MM2 }, { mm2: PRIMARY_MM2 }],
  groundMm2: [PRIMARY_MM2],
};
