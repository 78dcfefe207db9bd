import type { EntryData } from '@/core/kinds';
import type { TypedField } from '../form/field';
import { mapped } from '../form/fields';
import { useFacts } from '../form/useFacts';
import { useJob } from '../log/JobContext';

/** The code of a device, typed: over what was scanned too, and then it is read by hand. */
export function useCodeField(): TypedField<Partial<EntryData<'deviceDescribed'>>> {
  const { kept } = useJob();
  const { typed } = useFacts('deviceDescribed', { pointId: kept.id }, kept.device);
  const code = typed('code');
  return {
    ...code,
    read: (...text) => mapped(code.read(...text), (part) => ({ ...part, codeReadBy: 'hand' as const })),
  };
}
