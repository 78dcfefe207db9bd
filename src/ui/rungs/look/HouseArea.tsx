'use client';
import { lengthsOf, regionOf } from '@/core/job';
import { BOARD_AREAS, COLOUR_ERAS, HAZARDS, HEATINGS, LIMITS, TEXT, YES_NO } from '@/core/kinds';
import { REGION_PACKS } from '@/core/region';
import { Choices } from '../../kit/form/Choices';
import { FieldGroup } from '../../kit/form/FieldGroup';
import { figureField, textField } from '../../kit/form/fields';
import { Several } from '../../kit/form/Several';
import { useJob } from '../../kit/job/JobContext';
import { HouseView } from './house/HouseView';

const LENGTHS = [
  { value: 'imperial', words: 'feet and inches' },
  { value: 'metric', words: 'metres and millimetres' },
] as const;
const YES = YES_NO.map((value) => ({ value, words: value }));
const AREA_WORDS = {
  basement: 'basement',
  garage: 'garage',
  hall: 'hall',
  utility: 'utility room',
  outside: 'outside',
};
const HEATING_WORDS = { furnace: 'furnace', boiler: 'boiler', other: 'neither' };
const ERA_WORDS = { now: 'today’s colours', old: 'old colours', unsure: 'not sure' };
const HAZARD_WORDS = {
  dog: 'dog',
  softGround: 'soft ground',
  overheadWires: 'overhead wires',
  steepSteps: 'steep steps',
  traffic: 'traffic',
  oldBoards: 'boards or stucco of unknown stuff',
  oldPaint: 'old paint',
  insects: 'insects, birds',
};
const HAZARD_CAUTIONS: Readonly<Partial<Record<(typeof HAZARDS)[number], string>>> = {
  softGround: 'Ladder at 1:4 on firm dry ground, three points of contact.',
  overheadWires: 'Keep the ladder 3 m clear of overhead service wires.',
  steepSteps: 'Work that needs two hands and lasts is done from a platform.',
};

const FACTS = [
  ['basement', 'basement'],
  ['attic', 'attic that can be reached'],
  ['garage', 'garage at the house'],
  ['droppedCeiling', 'dropped ceiling near chime or board'],
] as const;

/** The house: what decides where things are, what the wires look like, and what may hurt. */
export function HouseArea() {
  const { keptJob, write } = useJob();
  const { site } = keptJob;
  const region = regionOf(keptJob);
  const whole = (name: string, label: string, limits: { least: number; most: number }, value: number | undefined) =>
    figureField(name, label, { unit: '', unitWords: [], ...limits }, value);
  return (
    <section>
      <HouseView />
      <h2>The house itself</h2>
      <FieldGroup
        kind="siteDescribed"
        scope={{}}
        fields={[
          textField('name', 'site', site.name),
          textField('address', 'address', site.address),
          whole('yearBuilt', 'year built', LIMITS.yearBuilt, site.yearBuilt),
          whole('storeys', 'storeys', LIMITS.storeys, site.storeys),
        ]}
      />
      <div className="choice-rows halves">
        {FACTS.map(([name, label]) => (
          <Choices
            key={name}
            label={label}
            options={YES}
            chosen={site[name]}
            onPick={(said) => write('siteDescribed', { [name]: said })}
          />
        ))}
        <Choices
          label="heating"
          options={HEATINGS.map((value) => ({ value, words: HEATING_WORDS[value] }))}
          chosen={site.heating}
          onPick={(heating) => write('siteDescribed', { heating })}
        />
        <Choices
          label={`${region.words.board} is in the`}
          options={BOARD_AREAS.map((value) => ({ value, words: AREA_WORDS[value] }))}
          chosen={site.boardArea}
          onPick={(boardArea) => write('siteDescribed', { boardArea })}
        />
      </div>
      <FieldGroup
        kind="siteDescribed"
        scope={{}}
        fields={[
          textField('boardPlace', `where the ${region.words.board} is, in words`, site.boardPlace),
          textField('access', 'access: ladder place, keys, gate', site.access, { most: TEXT.long }),
        ]}
      />
      <Several
        label="hazards"
        options={HAZARDS.map((value) => ({ value, words: HAZARD_WORDS[value] }))}
        chosen={site.hazards ?? []}
        onChange={(hazards) => write('siteDescribed', { hazards })}
      />
      {(site.hazards ?? []).map((hazard) => {
        const caution =
          hazard === 'oldBoards' || hazard === 'oldPaint' ? region.cautions.oldWalls : HAZARD_CAUTIONS[hazard];
        return (
          caution && (
            <p key={hazard} className="caution">
              {caution}
            </p>
          )
        );
      })}
      <h2>Wires and words of the place</h2>
      <Choices
        label="region"
        options={REGION_PACKS.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={region.id}
        onPick={(id) => id && write('siteDescribed', { region: id })}
      />
      <Choices
        label="lengths in"
        options={LENGTHS}
        chosen={lengthsOf(keptJob)}
        onPick={(lengths) => lengths && write('siteDescribed', { lengths })}
      />
      <Choices
        label="colours of the conductors"
        options={COLOUR_ERAS.map((value) => ({ value, words: ERA_WORDS[value] }))}
        chosen={site.colourEra}
        onPick={(colourEra) => write('siteDescribed', { colourEra })}
      />
      <p className="caution">
        {site.colourEra === 'old'
          ? region.colours.old
          : site.colourEra === 'now'
            ? region.colours.now
            : `${region.colours.now}; ${region.colours.old}`}
        . {region.cautions.colours}
      </p>
      <p className="small soft">
        Bell supply here: {region.bellSupply}. Feed: {region.feedProtection}. {region.mainsWork}
      </p>
    </section>
  );
}
