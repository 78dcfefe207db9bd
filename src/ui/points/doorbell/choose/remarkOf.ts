import { chooseWords } from '@/words/screens';

/** What is remarked beside a way: that it is taken, proposed, or in front so far; null where nothing is. */
export const remarkOf = (
  id: string,
  {
    taken,
    proposed,
    leads,
  }: { readonly taken: string | null; readonly proposed: string | null; readonly leads: boolean },
): string | null => {
  if (id === taken) return chooseWords.taken;
  if (id !== proposed) return null;
  return leads ? chooseWords.leading : chooseWords.proposed;
};
