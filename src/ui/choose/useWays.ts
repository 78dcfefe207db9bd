import { useDeferredValue, useMemo } from 'react';
import { DRAWS_FOR_A_CHOICE, estimate, judgeOptions, optionsFor, proposed, type JudgedOption } from '@/core/bell';
import type { Estimate } from '@/core/bell';
import type { Assessment } from '@/core/job';

export interface Ways {
  readonly known: Estimate;
  readonly ways: readonly JudgedOption[];
  readonly proposed: JudgedOption | null;
  /** Worked out with as many draws as a choice deserves; false for the first, quick answer. */
  readonly full: boolean;
}

/** All ways at this point, judged: at once with the draws of typing, then with those of a choice. */
export function useWays({ survey, spare, known: quick }: Assessment): Ways {
  const full = useDeferredValue(true, false);
  return useMemo(() => {
    const known = full ? estimate(survey, DRAWS_FOR_A_CHOICE) : quick;
    const ways = judgeOptions(survey, known.houses, optionsFor(survey, spare));
    return { known, ways, proposed: proposed(ways), full };
  }, [full, quick, spare, survey]);
}

/** A way in a few words: “keep the old one, power module, pairs joined”. */
export const wayWords = ({ transformer, treatment, joinPairs }: JudgedOption): string =>
  [transformer?.name ?? 'keep the old one', treatment.name.toLowerCase(), ...(joinPairs ? ['pairs joined'] : [])].join(
    ', ',
  );
