'use client';
import { boxWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay, useTerms } from '../../log/useSay';
import { v7 } from 'uuid';
import type { ListedCable } from '@/core/house';
import type { EntryData } from '@/core/kinds';
import { cableName } from '@/core/points';
import { CABLE_ROLES, USUAL_CABLES, cableSet } from '@/core/junction';
import { regionOf } from '@/core/job';
import { parsed } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import type { TypedField } from '../../form/field';
import { useJob } from '../../log/JobContext';
import { ConductorTable } from './ConductorTable';

type Conductors = NonNullable<EntryData<'cableDescribed'>['conductors']>;

/** The cables of the box, conductor by conductor; a usual one comes in by its short name. */
export function CableList({ picked }: { readonly picked: string | null }) {
  const say = useSay();
  const { job, kept, write } = useJob();
  const pack = regionOf(job);
  // Where the era is not sure, the colours are looked at and corrected
  const era = job.site.colourEra === 'old' ? 'old' : 'now';
  const add = (name: string) => {
    const set = cableSet(name, era);
    if (!set.ok) return;
    const conductors: Conductors = set.value.map(({ gauge, strands, colour }, i) => ({
      id: String(i + 1),
      ...('awg' in gauge ? { awg: gauge.awg } : { mm2: gauge.mm2 }),
      strands,
      metal: 'copper',
      colour,
    }));
    write('cableDescribed', { boxId: kept.hangs.boxId, cableId: v7(), conductors });
  };
  const nameField: TypedField<{ readonly set: string }> = {
    name: 'set',
    label: boxWords.anotherUsualOne,
    hint: say(USUAL_CABLES[pack.gauge][0] ?? ''),
    shown: '',
    read: (text) => {
      const set = cableSet(text, era);
      return set.ok ? parsed({ set: text }) : set;
    },
    cleared: {},
  };
  return (
    <div className="cable-list">
      {kept.cables.map((cable) => (
        <Cable key={cable.id} cable={cable} picked={picked} />
      ))}
      <div>
        <span className="label soft small">{boxWords.aCableThatComes}</span>
        <div className="choices block-top">
          {USUAL_CABLES[pack.gauge].map((name) => (
            <Button variant="choice" key={say(name)} onClick={() => add(say(name))}>
              + {say(name)}
            </Button>
          ))}
        </div>
        <div className="block-top">
          <AskForm fields={[nameField]} submit={boxWords.addIt} onSubmit={({ set }) => add(set)} />
        </div>
      </div>
    </div>
  );
}

function Cable({ cable, picked }: { readonly cable: ListedCable; readonly picked: string | null }) {
  const say = useSay();
  const terms = useTerms();
  const { kept, write } = useJob();
  const { id: cableId, facts } = cable;
  const scope = { boxId: kept.hangs.boxId, cableId };
  const name = cableName(kept, cable);
  const { typed, words } = useFacts('cableDescribed', scope, facts);
  return (
    <div className="cable">
      <div className="head-row">
        <h3>{say(name)}</h3>
        <Button variant="link" onClick={() => write('cableDescribed', { ...scope, conductors: null })}>
          {boxWords.itIsNotThere}
        </Button>
      </div>
      <Choices
        label={boxWords.isByTest({ name: say(name) })}
        options={CABLE_ROLES.map((value) => ({ value, words: words('role', value) }))}
        chosen={facts.role}
        onPick={(role) => write('cableDescribed', { ...scope, role })}
      />
      <FieldGroup
        kind="cableDescribed"
        scope={scope}
        fields={[typed('name', { hint: boxWords.greyFromTheLoft(terms) })]}
      />
      <ConductorTable
        cable={cable}
        picked={picked}
        onChange={(conductors) => write('cableDescribed', { ...scope, conductors })}
      />
    </div>
  );
}
