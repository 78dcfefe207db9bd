import { figureOf, textOf, type Catalogue, type ShelvedItem } from '../catalogue';
import { treatmentsFor, type ChimeKind, type Treatment } from '../chime';
import { lowerFirst } from '../units';

/** The first item of a shelf that serves a purpose: the firm’s own stand before the shipped ones. */
const firstOf = (items: readonly ShelvedItem[], column: string, value: string) =>
  items.find(({ values }) => values[column] === value)?.values;

/**
 * The treatments of a chime with the parts that the firm fits: ohms, minutes, money and names from the catalogue. Where a
 * treatment silences the chime, its sounder is counted.
 */
export function fittedTreatments(catalogue: Catalogue, kind: ChimeKind | null, regionId: string): readonly Treatment[] {
  const sounder = catalogue.sounder[0]?.values;
  return treatmentsFor(kind, regionId).map((treatment) => {
    const { fits } = treatment;
    const item =
      fits === null
        ? undefined
        : fits.shelf === 'module'
          ? firstOf(catalogue.module, 'way', fits.way)
          : firstOf(catalogue.protector, 'kind', fits.kind);
    const ohms = item && figureOf(item, 'ohms');
    const { standing } = treatment;
    return {
      ...treatment,
      standing:
        ohms === undefined
          ? standing
          : standing.path === 'shunt'
            ? { ...standing, shuntOhms: ohms }
            : standing.path === 'link'
              ? { ...standing, linkOhms: ohms }
              : standing,
      minutes:
        (item?.minutes === undefined ? treatment.minutes : figureOf(item, 'minutes')) +
        (treatment.sounds || !sounder ? 0 : figureOf(sounder, 'minutes')),
      cost:
        treatment.cost +
        (item ? figureOf(item, 'cost') : 0) +
        (treatment.sounds || !sounder ? 0 : figureOf(sounder, 'cost')),
      parts: [
        ...treatment.parts,
        ...(item ? [lowerFirst(textOf(item, 'name'))] : []),
        ...(treatment.sounds || !sounder ? [] : [lowerFirst(textOf(sounder, 'name'))]),
      ],
    };
  });
}
