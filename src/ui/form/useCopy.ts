import { useState } from 'react';

/** What became of a text that was to be copied. */
export type Copied = 'no' | 'yes' | 'failed';

/** Copies a text to where it can be pasted from; a browser may not let it. */
export function useCopy(text: string): { readonly copied: Copied; readonly copy: () => void } {
  const [copied, setCopied] = useState<Copied>('no');
  const copy = (): void =>
    void navigator.clipboard.writeText(text).then(
      () => setCopied('yes'),
      () => setCopied('failed'),
    );
  return { copied, copy };
}
