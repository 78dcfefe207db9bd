'use client';
import type { Text } from '@/core/said';
import { useSay } from '../log/useSay';

/** What may hurt here, short, each once. */
export function Cautions({ words }: { readonly words: readonly Text[] }) {
  const say = useSay();
  return words.map((one) => (
    <p key={say(one)} className="caution">
      {say(one)}
    </p>
  ));
}
