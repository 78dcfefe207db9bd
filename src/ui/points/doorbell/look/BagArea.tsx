'use client';
import { doorLookWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { BAG_STATES } from '@/core/kinds';
import { bagList, deviceOf, type DeadNew } from '@/core/points';
import { Choices } from '../../../form/Choices';
import { FieldGroup } from '../../../form/FieldGroup';
import { textField } from '../../../form/fields';
import { useDoorbell } from '../useDoorbell';

const WORDS = {
  there: doorLookWords.thereAndRight,
  missing: doorLookWords.missing,
  wrong: doorLookWords.notRight,
} as const;
const STATES = BAG_STATES.map((value) => ({ value, words: WORDS[value] }));

/** Unpacked and checked at the van: what is wrong here is brought, not missed on the ladder. */
export function BagArea() {
  const say = useSay();
  const { keptJob, kept, write, deadNew } = useDoorbell();
  const lines = bagList(keptJob, kept);
  const { inBag } = deviceOf(kept);
  const unchecked = lines.filter(({ answer }) => !answer?.state);
  return (
    <section>
      <p className="soft">
        {doorLookWords.atTheVanBefore({
          theDeviceIs: keptJob.policy.registering === 'bench' ? doorLookWords.theDeviceIsRegistered : '.',
        })}
      </p>
      {inBag.length > 0 && <p className="soft">{doorLookWords.byTheCatalogueIts({ inBag: inBag.join(', ') })}</p>}
      {lines.map(({ item, answer }) => (
        <div key={item.id} className="check">
          <Choices
            label={`${say(item.words)}: ${say(item.check)}`}
            options={STATES}
            chosen={answer?.state ?? undefined}
            onPick={(state) => write('bagChecked', { pointId: kept.id, item: item.id, state })}
          />
          <DeadBefore all={deadNew.filter(({ fault }) => fault === item.failsAs)} />
          {(answer?.state === 'missing' || answer?.state === 'wrong') && (
            <div className="split">
              <FieldGroup
                kind="bagChecked"
                scope={{ pointId: kept.id, item: item.id }}
                fields={[
                  textField('note', doorLookWords.whatAboutThe({ words: say(item.words) }), answer.note ?? undefined),
                ]}
              />
              <p className="brick">{doorLookWords.bring({ bring: say(item.bring) })}</p>
            </div>
          )}
        </div>
      ))}
      {unchecked.length > 1 && (
        <Button
          variant="secondary"
          className="block-top"
          onClick={() =>
            unchecked.forEach(({ item }) => write('bagChecked', { pointId: kept.id, item: item.id, state: 'there' }))
          }
        >
          {doorLookWords.theOtherAreThere({ unchecked: unchecked.length })}
        </Button>
      )}
    </section>
  );
}

/** Such a part was dead new before: its batch is looked for while it is unpacked. */
function DeadBefore({ all }: { readonly all: readonly DeadNew[] }) {
  if (all.length === 0) return null;
  const batches = [...new Set(all.flatMap(({ batch }) => batch || []))];
  return (
    <p className="brick" data-testid="dead-before">
      {doorLookWords.deadBefore({ times: all.length, batches: batches.join(', ') })}
    </p>
  );
}
