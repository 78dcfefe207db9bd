import { array, mixed, number, string } from 'yup';
import { SHELF_IDS, type OwnItem } from '@/core/catalogue';
import { exact } from './exact';
import { itemsFromJson } from './catalogueFile';
import { newCrewRequest, uuid, type NewCrewRequest } from './job';
import { parse, walk } from './parse';
import { isPlayedRound, type PlayedRound } from './practice';
import { ProblemError } from './problem';
import { settingsRequest, type Settings, type SettingsRequest } from './settings';
import { isFields, isFigure, isText } from './shapes';

export const FIRM_FORMAT = 'fox-ladder/firm';
export const FIRM_VERSION = 1;

/** What the firm has set, without what belongs to one machine: where it is reached, where it backs itself up to, by what its people sign in. */
export function ofTheFirm(settings: Settings): SettingsRequest {
  const { address: _address, backupFolder: _folder, passkeyDemanded: _demanded, ...rest } = settings;
  return rest;
}

/** A job whose customer was erased, and when. */
export interface ErasedJob {
  readonly id: string;
  readonly at: string;
}

/** `firm.json`: what a firm has beside its jobs, and how many of them follow. */
export interface Firm {
  readonly format: typeof FIRM_FORMAT;
  readonly version: typeof FIRM_VERSION;
  readonly madeAt: string;
  readonly jobs: number;
  readonly erased: readonly ErasedJob[];
  readonly crew: readonly NewCrewRequest[];
  readonly catalogue: readonly OwnItem[];
  readonly settings: SettingsRequest;
  readonly practice: readonly PlayedRound[];
}

/** `end.json`: the archive is whole, and what of the firm could not be read. */
export interface FirmEnd {
  readonly jobs: number;
  readonly leftOut: readonly LeftOut[];
}

/** What was not taken, by its name, and why. */
export interface LeftOut {
  readonly name: string;
  readonly why: string;
}

/** What became of an archive that was taken in. */
export interface FirmTaken {
  /** Jobs that are new here, that have more entries or photos now, and that were here as they are. */
  readonly made: number;
  readonly grown: number;
  readonly same: number;
  /** People, and items of the catalogue, that are new here. */
  readonly people: number;
  readonly items: number;
  /** Whether the settings were taken: only where nothing was set here. */
  readonly settings: boolean;
  readonly leftOut: readonly LeftOut[];
}

const firmBody = exact({
  format: string().defined(),
  version: number().defined(),
  madeAt: string().defined(),
  jobs: number().integer().min(0).defined(),
  erased: array(exact({ id: uuid(), at: string().defined() })).defined(),
  crew: array(newCrewRequest).defined(),
  catalogue: array(exact({ shelf: string().oneOf(SHELF_IDS).defined(), values: mixed().defined() })).defined(),
  settings: settingsRequest,
  practice: array(mixed()).defined(),
});

/** Parses `firm.json`. @throws ProblemError 400, 422 */
export function parseFirm(value: unknown): Firm {
  walk(value);
  const refuse = (status: number, detail: string, path: string, message: string) =>
    new ProblemError(status, detail, [{ path, message }]);
  if (!isFields(value) || value.format !== FIRM_FORMAT)
    throw refuse(400, 'This is no Fox Ladder archive of a firm.', 'format', `is not “${FIRM_FORMAT}”`);
  if (typeof value.version !== 'number' || value.version > FIRM_VERSION)
    throw refuse(
      422,
      `This archive is newer than this program, which reads up to version ${FIRM_VERSION}. Update the program, then try again.`,
      'version',
      'is newer than this program',
    );
  const { practice, catalogue, madeAt, jobs, erased, crew, settings } = parse(firmBody, value);
  const rounds = practice.filter(isPlayedRound);
  if (rounds.length < practice.length)
    throw refuse(422, 'A round at the practice bench can’t be read.', 'practice', 'holds what is no round');
  return {
    format: FIRM_FORMAT,
    version: FIRM_VERSION,
    madeAt,
    jobs,
    erased,
    crew,
    catalogue: catalogue.length === 0 ? [] : itemsFromJson({ items: catalogue }),
    settings,
    practice: rounds,
  };
}

export const isFirmTaken = (value: unknown): value is FirmTaken =>
  isFields(value) &&
  [value.made, value.grown, value.same, value.people, value.items].every(isFigure) &&
  typeof value.settings === 'boolean' &&
  Array.isArray(value.leftOut) &&
  value.leftOut.every((one) => isFields(one) && isText(one.name) && isText(one.why));
