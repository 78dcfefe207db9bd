import type { WAS_THERE } from '../../../kinds/point';
import { button } from './button';
import { entryPhone } from './entryPhone';
import { nothing } from './nothing';
import { videoDoorbell } from './videoDoorbell';
import type { WasThere } from './wasThere';

type WasThereId = (typeof WAS_THERE)[number];

/** What may have been there before: a line each. */
export const WAS_THERE_FACTS: Readonly<Record<WasThereId, WasThere>> = { button, videoDoorbell, entryPhone, nothing };

/** What was there, as a plan takes it where nobody said: a button. */
export const wasThereOf = ({ wasThere }: { readonly wasThere?: WasThereId | undefined }): WasThere =>
  WAS_THERE_FACTS[wasThere ?? 'button'];
