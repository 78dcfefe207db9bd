import { said, type Text } from '../../said';
import {
  cableOf,
  canKeepSupply,
  fittedTreatments,
  forbiddenWhy,
  holdWays,
  optionsFor,
  pairFactors,
  proposer,
  tapChange,
  type Premises,
  type WireRemedy,
} from '../../advice';
import {
  asFound,
  caseOf,
  isComputed,
  judge,
  type BellSurvey,
  type Change,
  type Estimate,
  type Judgement,
} from '../../bell';
import { treatmentById, type Treatment, type TreatmentPath } from '../../chime';
import type { Policy } from '../../policy';
import type { Choice } from './doorbell';

/**
 * The way that the verdict beside a job speaks of: the chosen one; else what is there with the chime treated, or, where
 * that can’t stay, the way that leads.
 */
export interface Reference {
  readonly chosen: boolean;
  readonly change: Change;
  readonly treatment: Treatment | null;
  /** “keep 16 V 10 VA, power module”. */
  readonly words: Text;
  readonly judgement: Judgement;
}

const wireRemedyWords = (wire: WireRemedy): readonly Text[] => (wire === 'keep' ? [] : [said('wireRemedy', { wire })]);

const plateWords = ({ nameplate }: BellSurvey): Text =>
  [nameplate.volts === null ? null : `${nameplate.volts} V`, nameplate.va === null ? null : `${nameplate.va} VA`]
    .filter((part) => part !== null)
    .join(' ') || said('oldTransformer');

/** What a choice does about the wire. */
export const wireOf = ({
  joinPairs,
  repull,
  mended,
}: Pick<Choice['data'], 'joinPairs' | 'repull' | 'mended'>): WireRemedy =>
  repull ? 'repull' : joinPairs ? 'join' : mended?.length ? 'mend' : 'keep';

/** A path with the ohms that a choice carried. */
const withOhms = (path: TreatmentPath, ohms: number | undefined): TreatmentPath =>
  ohms === undefined
    ? path
    : path.path === 'shunt'
      ? { ...path, shuntOhms: ohms }
      : path.path === 'link'
        ? { ...path, linkOhms: ohms }
        : path;

/** A choice as a change of the circuit, with the values that it carried. */
export const changeOf = (choice: Choice['data'], survey: BellSurvey, premises: Premises): Change => {
  const tap = choice.tap ? tapChange(survey, choice.tap) : undefined;
  return {
    transformer: choice.transformer,
    treatment: withOhms(treatmentById(choice.treatmentId)?.standing ?? survey.present, choice.pathOhms),
    pairFactor: pairFactors(survey, premises, wireOf(choice), choice.pulledMm2 ?? cableOf(premises.catalogue).mm2),
    ...(tap ? { tap } : {}),
    ...(choice.mended?.length ? { mended: choice.mended } : {}),
  };
};

/**
 * What would be done with the transformer that is there: of the treatments that the device allows and that can be worked
 * out a module before others, else the least effort.
 */
function keptReference(
  survey: BellSurvey,
  { decided, catalogue }: Premises,
): { change: Change; treatment: Treatment | null } {
  const allowed = fittedTreatments(catalogue, survey.chime.kind, survey.region.id)
    .filter((one) => one.id !== 'leaveAsIs' && forbiddenWhy(survey, survey.device, one, false) === null)
    .toSorted((a, b) => a.minutes + a.cost - (b.minutes + b.cost));
  const computed = allowed.filter(({ standing }) => isComputed(survey, { ...asFound(survey), treatment: standing }));
  const treatment = computed.find(({ standing }) => standing.path === 'shunt') ?? computed[0] ?? allowed[0];
  const turned = decided?.tap ? tapChange(survey, decided.tap) : undefined;
  const found: Change = {
    ...asFound(survey),
    transformer: decided?.transformer ?? null,
    ...(turned ? { tap: turned } : {}),
  };
  return treatment
    ? { change: { ...found, treatment: treatment.standing }, treatment }
    : { change: found, treatment: null };
}

/** Where what is there can't be kept: the way that the firm's policy would take as things stand; null without any. */
function leadingWay({ survey, houses }: Estimate, premises: Premises, policy: Policy): Reference | null {
  const ways = optionsFor(survey, premises).filter(({ forbidden, instead }) => forbidden === null && !instead);
  const held = holdWays(caseOf(survey), houses, ways);
  const belief = (i: number): number => held[i]?.standing.belief ?? 0;
  const isConditional = (i: number): boolean => held[i]?.within != null;
  const proposed = ways[proposer(ways, policy.weakSupply, survey.chime.ratedVolts, isConditional)(belief)];
  // None can be trusted: the one that comes nearest says how far it is off
  const nearest = ways.reduce((best, _, i) => (belief(i) > belief(best) ? i : best), 0);
  const way = proposed ?? ways[nearest];
  if (!way?.transformer) return null;
  return {
    chosen: false,
    change: way.change,
    treatment: way.treatment,
    words: said(proposed ? 'leadsFar' : 'nearestThere', {
      way: said('listed', {
        items: [way.transformer.name, way.treatment.name, ...wireRemedyWords(way.wire)],
      }),
    }),
    judgement: judge(survey, houses, way.change),
  };
}

/** The way that the verdict speaks of, judged. */
export function referenceOf(known: Estimate, premises: Premises, choice: Choice | null, policy: Policy): Reference {
  const { survey, houses } = known;
  if (choice) {
    const change = changeOf(choice.data, survey, premises);
    const treatment = treatmentById(choice.data.treatmentId) ?? null;
    const words: readonly (Text | undefined)[] = [
      choice.data.transformer
        ? choice.data.transformer.name
        : choice.data.tap
          ? said('oldTransformerV', { screws: choice.data.tap.screws, ratedVolts: choice.data.tap.ratedVolts })
          : said('keep', { plate: plateWords(survey) }),
      treatment?.name,
      ...wireRemedyWords(wireOf(choice.data)),
    ];
    return {
      chosen: true,
      change,
      treatment,
      words: said('listed', { items: words.flatMap((part) => part ?? []) }),
      judgement: judge(survey, houses, change),
    };
  }
  const { decided, newSupply } = premises;
  const nowhere = newSupply !== null && newSupply.fits.length === 0;
  const leading = canKeepSupply(survey, premises) || decided || nowhere ? null : leadingWay(known, premises, policy);
  if (leading) return leading;
  const { change, treatment } = keptReference(survey, premises);
  const source = decided?.transformer
    ? said('chosenAt', { transformer: decided.transformer.name, at: decided.at })
    : said('keep', { plate: plateWords(survey) });
  const words = said('listed', { items: [source, treatment ? treatment.name : said('wiredAsIt')] });
  return { chosen: false, change, treatment, words, judgement: judge(survey, houses, change) };
}
