import { WIRE_REMEDIES, type Choosing, type JudgedOption, type Premises } from '@/core/advice';
import { VERDICTS, type BellSurvey } from '@/core/bell';
import { MODULE_POLICIES, SUPPLY_POLICIES, type ModulePolicy, type SupplyPolicy } from '@/core/policy';
import { isCatalogue } from './answers';
import { isFields, isFigure, isNamed, isOneOf, isText, isWords } from './shapes';

/** What the worker of Choose is asked. */
export interface ChoosingQuestion {
  readonly survey: BellSurvey;
  readonly premises: Premises;
  readonly policy: SupplyPolicy;
  readonly module: ModulePolicy;
}

/** What it tells, in this order: the first rows, how far it is, the whole. */
export type ChoosingTold =
  | { readonly kind: 'first'; readonly choosing: Choosing }
  | { readonly kind: 'progress'; readonly done: number; readonly of: number }
  | { readonly kind: 'full'; readonly choosing: Choosing };

const isSupplyPolicy = isOneOf(SUPPLY_POLICIES);
const isModulePolicy = isOneOf(MODULE_POLICIES);
const isVerdict = isOneOf(VERDICTS);
const isWire = isOneOf(WIRE_REMEDIES);

/** What a worker is asked, held against its form before it is worked on. */
export const isChoosingQuestion = (value: unknown): value is ChoosingQuestion => {
  if (!isFields(value) || !isSupplyPolicy(value.policy) || !isModulePolicy(value.module)) return false;
  const { survey, premises } = value;
  return (
    isFields(survey) &&
    isNamed(survey.region) &&
    isNamed(survey.device) &&
    isFields(survey.nameplate) &&
    isFields(survey.runs) &&
    isFields(survey.chime) &&
    isFields(survey.present) &&
    Array.isArray(survey.readings) &&
    survey.readings.every(isNamed) &&
    isFields(premises) &&
    isFields(premises.spare) &&
    Array.isArray(premises.taps) &&
    Array.isArray(premises.badSplices) &&
    isCatalogue(premises.catalogue)
  );
};

const isWay = (value: unknown): value is JudgedOption => {
  if (!isNamed(value)) return false;
  const { judgement, treatment, device, wire, minutes, cost, change }: Readonly<Record<string, unknown>> = { ...value };
  return (
    isFields(judgement) &&
    isText(judgement.verdict) &&
    isVerdict(judgement.verdict) &&
    isFigure(judgement.belief) &&
    isFigure(judgement.governingVolts) &&
    isFigure(judgement.marginVolts) &&
    isWords(judgement.reason) &&
    Array.isArray(judgement.states) &&
    isNamed(treatment) &&
    isNamed(device) &&
    isWire(wire) &&
    isFigure(minutes) &&
    isFigure(cost) &&
    isFields(change)
  );
};

const isChoosing = (value: unknown): value is Choosing =>
  isFields(value) &&
  Array.isArray(value.options) &&
  value.options.every(isWay) &&
  (value.proposed === null || isWay(value.proposed)) &&
  (value.reason === null || isWords(value.reason)) &&
  (value.instead === null || isWay(value.instead));

/** What a worker tells, held against its form before it is shown. */
export const isChoosingTold = (value: unknown): value is ChoosingTold => {
  if (!isFields(value)) return false;
  return value.kind === 'progress'
    ? isFigure(value.done) && isFigure(value.of)
    : (value.kind === 'first' || value.kind === 'full') && isChoosing(value.choosing);
};
