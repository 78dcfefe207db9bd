'use client';
import { lookWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { PlainPick } from '../../form/PlainPick';
import { useSay, useTerms } from '../../log/useSay';
import type { Way } from '@/core/house';
import { regionOf } from '@/core/job';
import { LIMITS, PROTECTIONS } from '@/core/kinds';
import { looksLikeKeepOn } from '@/core/isolation';
import { FieldGroup } from '../../form/FieldGroup';
import { figureField, textField } from '../../form/fields';
import { Yes } from '../../form/Yes';
import { useJob } from '../../log/JobContext';

const AMPS = { unit: 'A', unitWords: ['a', 'amp', 'amps'], ...LIMITS.amps } as const;

/** One way: its label as written, its rating, what protects it, and whether it must stay on, with why. */
export function WayRow({ way }: { readonly way: Way }) {
  const say = useSay();
  const { keptJob, write } = useJob();
  const words = useTerms();
  const { protection } = regionOf(keptJob);
  const scope = { boardId: way.boardId, way: way.way };
  const looksLike = way.label && !way.doNotDrop ? looksLikeKeepOn(way.label) : null;
  const named = `${words.way} ${way.way}`;
  return (
    <div className={`way-row${way.doNotDrop ? ' keep-on' : ''}`}>
      <b className="figure number">{way.way}</b>
      <FieldGroup
        kind="wayListed"
        scope={scope}
        fields={[
          textField('label', lookWords.labelOf({ named }), way.label ?? undefined),
          { ...figureField('ratingAmps', lookWords.ratingOf({ named }), AMPS, way.ratingAmps ?? undefined) },
        ]}
      />
      <PlainPick
        name={`protection of ${named}`}
        options={[
          { value: 'notSaid', words: lookWords.notSaid },
          ...PROTECTIONS.map((value) => ({ value, words: say(protection[value]) })),
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
          fields={[
            textField('why', lookWords.whyStaysOn({ named }), way.why ?? undefined, {
              hint: lookWords.freezerNobodyHome,
            }),
          ]}
        />
      )}
    </div>
  );
}
