'use client';
import { lookWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { lengthsOf, regionOf } from '@/core/job';
import { HAZARD_CAUTIONS } from '@/core/points';
import { REGION_PACKS } from '@/core/region';
import { Choices } from '../../form/Choices';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { Cautions } from '../../verdict/Cautions';
import { HouseView } from './house/HouseView';

/** The house: what decides where things are, what the wires look like, and what may hurt. */
export function HouseArea() {
  const say = useSay();
  const { keptJob, write } = useJob();
  const { site } = keptJob;
  const region = regionOf(keptJob);
  const { ask, typed, words } = useFacts('siteDescribed', {}, site);
  return (
    <section>
      <HouseView />
      <h2>{lookWords.theHouseItself}</h2>
      <FieldGroup
        kind="siteDescribed"
        scope={{}}
        fields={[typed('name'), typed('address'), typed('yearBuilt'), typed('storeys')]}
      />
      <div className="choice-rows halves">
        {ask('basement')}
        {ask('attic')}
        {ask('garage')}
        {ask('droppedCeiling')}
        {ask('heating')}
        {ask('boardArea')}
      </div>
      <FieldGroup kind="siteDescribed" scope={{}} fields={[typed('boardPlace'), typed('access')]} />
      {ask('hazards')}
      <Cautions words={[...new Set((site.hazards ?? []).map((hazard) => HAZARD_CAUTIONS[hazard].words(region)))]} />
      <h2>{lookWords.wiresAndWordsOf}</h2>
      <Choices
        label={lookWords.region}
        options={REGION_PACKS.map(({ id, name }) => ({ value: id, words: name }))}
        chosen={region.id}
        onPick={(id) => id && write('siteDescribed', { region: id })}
      />
      <Choices
        label={lookWords.lengthsIn}
        options={(['imperial', 'metric'] as const).map((value) => ({ value, words: words('lengths', value) }))}
        chosen={lengthsOf(keptJob)}
        onPick={(lengths) => lengths && write('siteDescribed', { lengths })}
      />
      {ask('colourEra')}
      <p className="caution">
        {say(
          site.colourEra === 'old'
            ? region.colours.old
            : site.colourEra === 'now'
              ? region.colours.now
              : `${say(region.colours.now)}; ${say(region.colours.old)}`,
        )}
        . {say(region.cautions.colours)}
      </p>
      <p className="small soft">
        {lookWords.bellSupplyHereFeed({
          bellSupply: say(region.bellSupply),
          feedProtection: say(region.feedProtection),
          mainsWork: say(region.mainsWork),
        })}
      </p>
    </section>
  );
}
