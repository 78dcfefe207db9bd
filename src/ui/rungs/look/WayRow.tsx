'use client';
import { lookWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { PlainPick } from '../../form/PlainPick';
import { useSay, useTerms } from '../../log/useSay';
import type { Way } from '@/core/house';
import { PROTECTIONS } from '@/core/kinds';
import { looksLikeKeepOn } from '@/core/isolation';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { Yes } from '../../form/Yes';
import { useJob } from '../../log/JobContext';

/** One way: its label as written, its rating, what protects it, and whether it must stay on, with why. */
export function WayRow({ way }: { readonly way: Way }) {
  const say = useSay();
  const { write } = useJob();
  const words = useTerms();
  const scope = { boardId: way.boardId, way: way.way };
  const looksLike = way.label && !way.doNotDrop ? looksLikeKeepOn(way.label) : null;
  const named = `${words.way} ${way.way}`;
  const { label, ratingAmps, why } = way;
  const { typed, words: answer } = useFacts('wayListed', scope, {
    label: label ?? undefined,
    ratingAmps: ratingAmps ?? undefined,
    why: why ?? undefined,
  });
  return (
    <div className={`way-row${way.doNotDrop ? ' keep-on' : ''}`}>
      <b className="figure number">{way.way}</b>
      <FieldGroup
        kind="wayListed"
        scope={scope}
        fields={[
          typed('label', { label: lookWords.labelOf({ named }) }),
          typed('ratingAmps', { label: lookWords.ratingOf({ named }) }),
        ]}
      />
      <PlainPick
        name={lookWords.protectionOf({ named })}
        options={[
          { value: 'notSaid', words: lookWords.notSaid },
          ...PROTECTIONS.map((value) => ({ value, words: answer('protection', value) })),
        ]}
        chosen={way.protection ?? 'notSaid'}
        onPick={(picked) =>
          write('wayListed', { ...scope, protection: PROTECTIONS.find((one) => one === picked) ?? null })
        }
      />
      <Yes
        words={
          <>
            <Filled parts={lookWords.keepOn<ReactNode>({ named: <span className="visually-hidden">{named} </span> })} />
          </>
        }
        yes={way.doNotDrop}
        onTurn={(doNotDrop) =>
          write('wayListed', { ...scope, doNotDrop, ...(doNotDrop && looksLike ? { why: say(looksLike) } : {}) })
        }
      />
      {looksLike && <small className="straw-ink">{lookWords.keepItOn({ looksLike: say(looksLike) })}</small>}
      {way.doNotDrop && (
        <FieldGroup
          kind="wayListed"
          scope={scope}
          fields={[typed('why', { label: lookWords.whyStaysOn({ named }), hint: lookWords.freezerNobodyHome })]}
        />
      )}
    </div>
  );
}
