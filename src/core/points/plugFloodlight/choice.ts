import { plugFixturesIn, type Catalogue, type FixtureProfile } from '../../catalogue';
import type { EntryData } from '../../kinds/register';
import type { Sufficiency } from '../../wiring';
import { outletFit } from './outletFit';
import type { PlugFloodlight } from './plugFloodlight';

/** A camera with a plug at this outlet. */
export interface PlugOption {
  readonly fixture: FixtureProfile;
  readonly asked: readonly Sufficiency[];
  readonly suffices: boolean;
}

/** Every camera with a plug of the catalogue, and whether the outlet suffices for it; those that do first. */
export const plugOptions = (point: PlugFloodlight, catalogue: Catalogue): readonly PlugOption[] =>
  plugFixturesIn(catalogue)
    .map((fixture): PlugOption => {
      const asked = outletFit(point, fixture);
      return { fixture, asked, suffices: asked.every(({ suffices }) => suffices) };
    })
    .sort((a, b) => Number(b.suffices) - Number(a.suffices) || a.fixture.cost - b.fixture.cost);

/** A taken camera as an entry’s data. */
export const plugChoiceOf = (
  pointId: string,
  { inBag, ...fixture }: FixtureProfile,
): EntryData<'plugFixtureChosen'> => ({
  pointId,
  fixture: { ...fixture, inBag: [...inBag] },
});
