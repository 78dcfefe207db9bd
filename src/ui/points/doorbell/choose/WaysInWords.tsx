'use client';
import { chooseWords } from '@/words/screens';
import { remarkOf } from './remarkOf';
import { wayWords, type JudgedOption } from '@/core/advice';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { useMoney } from '../../../figures/useMoney';
import { margin } from '../../../figures/words';
import { useSay } from '../../../log/useSay';

interface Props {
  readonly ways: readonly JudgedOption[];
  readonly selected: string;
  readonly taken: string | null;
  readonly proposed: string | null;
  /** It leads only: more may come. */
  readonly leads: boolean;
  readonly onSelect: (way: JudgedOption) => void;
}

/** A few ways in words, one under the other: what each does to the chime, what it has to spare, what it costs. */
export function WaysInWords({ ways, selected, taken, proposed, leads, onSelect }: Props) {
  const say = useSay();
  const money = useMoney();
  return (
    <fieldset className="ways-in-words" data-testid="ways-in-words">
      <legend className="visually-hidden">{chooseWords.worthConsidering}</legend>
      {ways.map((way) => {
        const { judgement, silent, minutes, cost } = way;
        const remark = remarkOf(way.id, { taken, proposed, leads });
        const spare =
          judgement.verdict === 'notComputed'
            ? chooseWords.ringAndListen
            : judgement.governingVolts > 0
              ? chooseWords.spareAtWorst({ margin: margin(judgement.marginVolts) })
              : chooseWords.itCollapses;
        return (
          <label key={way.id} className={way.id === selected ? 'picked' : undefined}>
            <input type="radio" name="way" checked={way.id === selected} onChange={() => onSelect(way)} />
            <span>
              <b>{capital(say(wayWords(way)))}</b> {remark && <span className="remark">{remark}</span>}
              <span className="block small">
                {silent ? chooseWords.chimeIsSilent : chooseWords.chimeRings} {spare}{' '}
                {judgement.condition && (
                  <span className="soft">
                    {chooseWords.ifItReads({ range: say(said('openRange', judgement.condition)) })}
                  </span>
                )}
              </span>
            </span>
            <span className="figure">
              {minutes} min
              <span className="block">{money(cost)}</span>
            </span>
          </label>
        );
      })}
    </fieldset>
  );
}
