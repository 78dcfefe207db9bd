'use client';
import { format, parseISO } from 'date-fns';
import { LIMITS, TEXT, lengthsOf, regionOf } from '@/core/job';
import { REGION_PACKS } from '@/core/region';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { figureField, textField } from '../kit/form/fields';
import { TimeField } from '../kit/form/TimeField';
import { useJob } from '../kit/job/JobContext';

const PICKER = "yyyy-MM-dd'T'HH:mm";
const LENGTHS = [
  { value: 'imperial', words: 'feet and inches' },
  { value: 'metric', words: 'metres and millimetres' },
] as const;

/** The house, and when somebody is expected there. */
export function SiteFields() {
  const { keptJob, write } = useJob();
  const { site, expectedAt } = keptJob;
  const { words, mainsWork } = regionOf(keptJob);
  const shown = expectedAt === null ? '' : format(parseISO(expectedAt), PICKER);
  return (
    <section>
      <h2>House</h2>
      <FieldGroup
        kind="siteDescribed"
        scope={{}}
        fields={[
          textField('name', 'site', site.name),
          textField('address', 'address', site.address),
          figureField('yearBuilt', 'year built', { unit: '', unitWords: [], ...LIMITS.yearBuilt }, site.yearBuilt),
          textField('boardPlace', `where the ${words.board} is`, site.boardPlace),
          textField('access', 'access, hazards', site.access, { hint: 'dog, soft ground', most: TEXT.long }),
        ]}
      />
      <div className="fields">
        <TimeField
          key={shown}
          label="expected there"
          shown={shown}
          onPick={(value) => {
            if (value === shown) return;
            write('visitPlanned', { expectedAt: value === '' ? null : new Date(value).toISOString() });
          }}
        />
      </div>
      <Choices
        label="region"
        options={REGION_PACKS.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={regionOf(keptJob).id}
        onPick={(region) => region && write('siteDescribed', { region })}
      />
      <Choices
        label="lengths in"
        options={LENGTHS}
        chosen={lengthsOf(keptJob)}
        onPick={(lengths) => lengths && write('siteDescribed', { lengths })}
      />
      <p className="caution">{mainsWork}</p>
    </section>
  );
}
