import { PROOF_WHYS, STEP_ROLES } from '@/core/isolation';
import { HELD_BY } from '@/core/points';
import { PIXEL_CLASSES } from '@/core/view';
import { ROLES } from '../accounts';
import { DEVICE_PHASES } from '../instrument';
import type { JsonSchema } from './convertSchema.mjs';

const text: JsonSchema = { type: 'string' };
const figure: JsonSchema = { type: 'number' };
const figureOrNull: JsonSchema = { type: ['number', 'null'] };
const all = (names: readonly string[], schema: JsonSchema): Record<string, JsonSchema> =>
  Object.fromEntries(names.map((name) => [name, schema]));
const object = (properties: Record<string, JsonSchema>, required = Object.keys(properties)): JsonSchema => ({
  type: 'object',
  properties,
  required,
});
const list = (items: JsonSchema): JsonSchema => ({ type: 'array', items });
const ref = (name: string): JsonSchema => ({ $ref: `#/components/schemas/${name}` });

/** The 5, 50 and 95 % points. */
const BAND = object(all(['low', 'likely', 'high'], figure));
const OPERATING_FIGURES = [
  'doorVolts',
  'amps',
  'chimeVolts',
  'sourceVolts',
  'sourceVa',
  'sourceWatts',
  'utilisation',
  'wireWatts',
  'maxWatts',
];
/** East, north, up, metres. */
const PLACE: JsonSchema = list(figure);
const LOOK_FIGURES = ['bearingDeg', 'tiltDownDeg', 'rollDeg'];
const FIT_FIGURES = ['seriesOhms', 'seriesOhmsLow', 'seriesOhmsHigh', 'voltsAtRated', 'sagVa', 'sagVaLow'];

const ACCOUNT: JsonSchema = object({
  ...all(['id', 'name', 'personId'], text),
  role: { enum: [...ROLES] },
  endedAt: { type: ['string', 'null'] },
});
/** Null where nobody signs in, or nobody is signed in. */
const ACCOUNT_OR_NONE: JsonSchema = { oneOf: [ref('Account'), { type: 'null' }] };

/** What the server answers. Fields may be added later, so answers allow more than they name. */
export const ANSWER_SCHEMAS: Readonly<Record<string, JsonSchema>> = {
  Problem: object(
    {
      type: { type: 'string', format: 'uri-reference' },
      title: text,
      status: { type: 'integer' },
      detail: text,
      errors: list(object({ path: text, message: text })),
      serverTime: { type: 'string', format: 'date-time' },
    },
    ['type', 'title', 'status', 'detail', 'errors'],
  ),
  Person: object({ id: text, name: text }),
  OperatingPoint: object(
    {
      status: { enum: ['ok', 'collapse'] },
      ...all(OPERATING_FIGURES, figureOrNull),
      ...all(['capMinVolts', 'capMeanVolts', 'powerFactor'], figureOrNull),
      second: list(object(all(['doorVolts', 'amps', 'chimeVolts'], figureOrNull))),
    },
    ['status', ...OPERATING_FIGURES],
  ),
  Advice: object({
    estimate: object({
      openCircuitVolts: BAND,
      seriesOhms: BAND,
      doorVolts: { oneOf: [{ type: 'object', additionalProperties: BAND }, { type: 'null' }] },
    }),
    contradictions: list(object({ readings: list({ type: 'integer' }), sigmas: figure, mayBe: list(text) })),
    options: list(
      object({
        ...all(['id', 'transformer', 'treatment', 'state', 'reason'], text),
        wires: list(text),
        verdict: { enum: ['holds', 'tight', 'fails', 'tooHigh', 'cannotTell'] },
        ...all(['belief', 'marginVolts', 'minutes', 'cost'], figure),
        condition: { oneOf: [object({ mostVolts: figureOrNull, leastVolts: figureOrNull }), { type: 'null' }] },
        conditionChance: figureOrNull,
        ...all(['licensed', 'silent', 'dominated'], { type: 'boolean' }),
      }),
    ),
    proposed: { type: ['string', 'null'] },
    next: list(object({ id: text, chanceToChange: figure, why: text })),
    enough: { type: 'boolean' },
  }),
  SourceFit: object({ ...all(FIT_FIGURES, figure), sagVaHigh: figureOrNull }),
  BreakerHunt: object({
    ways: list(object({ id: text, probability: figure })),
    next: { oneOf: [object({ drop: list(text) }), { type: 'null' }] },
    expectedTests: figure,
    found: { type: ['string', 'null'] },
    byAgreement: list(text),
  }),
  NextTest: object({
    faults: list(object({ id: text, probability: figure })),
    next: { oneOf: [object({ test: text }), object({ repair: text }), { type: 'null' }] },
    expectedMinutes: figure,
  }),
  Diagnosis: object({
    faults: list(object({ kind: text, probability: figure })),
    next: { oneOf: [object({ test: text }), object({ repair: text }), { type: 'null' }] },
    expectedMinutes: figure,
    predictions: list(
      object({
        test: text,
        faults: list(
          object({
            kind: text,
            chances: { type: 'object', additionalProperties: figure },
            ...all(['low', 'likely', 'high'], figureOrNull),
          }),
        ),
      }),
    ),
  }),
  View: object({
    axes: object(all(['forward', 'right', 'down'], PLACE)),
    points: list(
      object({
        id: text,
        ...all(['distanceM', 'depthM'], figure),
        ...all(['inFront', 'inFrame', 'hidden'], { type: 'boolean' }),
        pixel: { oneOf: [list(figure), { type: 'null' }] },
        pixelsPerMetre: figureOrNull,
        class: { enum: [...PIXEL_CLASSES.map(({ id }) => id), 'none', null] },
      }),
    ),
  }),
  Light: object({
    lamps: list(object(all(['exponent', 'peakCd'], figure))),
    receivers: list(object({ id: text, lux: figure, luxOfEachLamp: list(figure) })),
  }),
  Aim: object({
    ...all(['panDeg', 'tiltDeg', 'missDeg', ...LOOK_FIGURES], figure),
    reached: { type: 'boolean' },
  }),
  Pose: object(all([...LOOK_FIGURES, 'rmsPx', 'worstPx'], figure)),
  BoxFill: object({
    ...all(['requiredIn3', 'spareIn3'], figure),
    fits: { type: 'boolean' },
    items: list(object({ what: text, ...all(['count', 'eachIn3', 'in3'], figure) })),
  }),
  SearchOrder: object({ order: list(text), expectedMinutes: figure }),
  Bytes: { type: 'string', format: 'binary' },
  Table: text,
  /** `{ "last": N }` each; with the name `here` a list of who has it open at which point. */
  Events: text,
  Document: { type: 'object' },
  Round: object({
    id: text,
    by: ref('Person'),
    ...all(['at', 'level', 'ending'], text),
    ...all(['seed', 'inVain', 'dangers'], { type: 'integer' }),
    minutes: figure,
    bestMinutes: figureOrNull,
  }),
  RoundList: object({ rounds: list(ref('Round')) }),
  Calendar: text,
  KeptPhoto: object({ sha256: text, mediaType: text, widthPx: figure, heightPx: figure, bytes: figure }),
  PhoneReading: object({ dbm: figure, upMbit: figure, downMbit: figure, simulated: { type: 'boolean' } }),
  DeviceScript: object({
    phases: {
      type: 'array',
      items: object({ phase: { type: 'string', enum: [...DEVICE_PHASES] }, fromSeconds: figure }),
    },
    joinsAfterSeconds: figureOrNull,
    dbm: figure,
    upMbit: figure,
    supply: { anyOf: [{ type: 'null' }, object({ volts: figure, report: text })] },
    simulated: { type: 'boolean' },
  }),
  CodeReading: object({ code: text, simulated: { type: 'boolean' } }),
  LeanReading: object({ ...all(['bearingDeg', 'downDeg', 'rollDeg'], figure), simulated: { type: 'boolean' } }),
  Settings: object({
    policy: { type: 'object' },
    ...all(['simulatedDevices', 'passkeyDemanded'], { type: 'boolean' }),
    currency: text,
    address: text,
    ...all(['awayDays', 'backupHour', 'backupsKept'], { type: 'integer' }),
    backupFolder: text,
  }),
  ListedJob: object({
    id: text,
    title: text,
    address: text,
    expectedAt: { type: ['string', 'null'] },
    updatedAt: text,
    finished: { type: 'boolean' },
    points: list(object({ id: text, name: text, marks: list(text), worries: { type: 'integer' } })),
  }),
  JobList: object({ jobs: list(ref('ListedJob')), after: { type: ['string', 'null'] } }),
  Job: object({
    id: text,
    title: text,
    createdAt: text,
    erasedAt: { type: ['string', 'null'] },
    updatedAt: text,
    last: { type: 'integer' },
    site: { type: 'object' },
    customer: { type: 'object' },
    expectedAt: { type: ['string', 'null'] },
    points: list(
      object(
        {
          id: text,
          kind: text,
          name: text,
          steps: list(
            object({
              id: text,
              words: text,
              touches: { enum: ['nothing', 'bell', 'mains'] },
              role: { enum: [...STEP_ROLES] },
              place: text,
              done: { type: 'boolean' },
              offered: { type: 'boolean' },
              heldBy: list({ enum: [...HELD_BY] }),
            }),
          ),
          move: object({ rung: text, code: text, words: text }),
          verdict: { oneOf: [object({ code: text, words: text }), { type: 'null' }] },
        },
        // The rest with `as`
        ['id', 'kind', 'name'],
      ),
    ),
    circuits: list(
      object({
        id: text,
        // With `as` the word alone
        state: { oneOf: [{ type: 'object' }, { enum: ['unknown', 'live', 'off', 'provedDead'] }] },
        proofs: list(
          object(
            {
              entryId: text,
              place: { type: ['string', 'null'] },
              byId: text,
              weight: { enum: ['bell', 'mains'] },
              stands: { type: 'boolean' },
              endedBy: { type: ['string', 'null'] },
              why: { enum: [...PROOF_WHYS, null] },
            },
            ['entryId', 'stands', 'endedBy', 'why'],
          ),
        ),
      }),
    ),
    boards: list(object({ id: text, ways: list(object({ id: text, way: text })) })),
    photos: list(object({ id: text, sha256: text })),
    notes: list(object({ text })),
    alsoSaid: list({ type: 'object' }),
    conflicts: list(
      object(
        {
          fact: text,
          entries: { type: 'array', items: text, minItems: 2, maxItems: 2 },
          of: { type: ['string', 'null'] },
          field: { type: ['string', 'null'] },
          answers: list({ type: 'object' }),
        },
        ['fact', 'entries'],
      ),
    ),
  }),
  EntryList: object({ entries: list(ref('Entry')), last: { type: 'integer' } }),
  Receipt: object({
    entries: list(object({ id: text, seq: { type: 'integer' }, receivedAt: text })),
    last: { type: 'integer' },
  }),
  Crew: object({ crew: list(ref('Person')) }),
  Erased: object({ erasedAt: text }),
  Named: object({ id: text }),
  BackupState: object({
    lastAt: { type: ['string', 'null'] },
    fault: { oneOf: [object({ at: text, message: text }), { type: 'null' }] },
  }),
  FirmTaken: object({
    ...all(['made', 'grown', 'same', 'people', 'items'], { type: 'integer' }),
    settings: { type: 'boolean' },
    leftOut: list(object({ name: text, why: text })),
  }),
  PasskeyQuestion: object({ options: { type: 'object' } }),
  PasskeyList: object({
    passkeys: list(
      object({
        ...all(['id', 'accountId', 'host', 'device', 'since'], text),
        lastUsed: { type: ['string', 'null'] },
      }),
    ),
  }),
  Account: ACCOUNT,
  Session: object({ signsIn: { type: 'boolean' }, account: ACCOUNT_OR_NONE, isFirst: { type: 'boolean' } }),
  Signed: object({ account: ACCOUNT_OR_NONE }),
  Code: object({ code: text, expiresAt: text }),
  AccountList: object({ accounts: list(ref('Account')) }),
  MadeAccount: object({ account: ref('Account'), code: ref('Code') }),
  ChangedAccount: object({ account: ref('Account') }),
  SessionList: object({
    sessions: list(
      object({ ...all(['id', 'accountId', 'since', 'lastSeen', 'device'], text), isThis: { type: 'boolean' } }),
    ),
  }),
  AuditList: object({ lines: list(object(all(['at', 'what', 'by', 'detail'], text))) }),
  Share: object({
    ...all(['id', 'by', 'madeAt', 'until'], text),
    ...all(['endedAt', 'lastOpened'], { type: ['string', 'null'] }),
    opened: { type: 'integer' },
  }),
  ShareList: object({ shares: list(ref('Share')) }),
  MadeShare: object({ share: ref('Share'), address: text }),
  EndedShare: object({ share: ref('Share') }),
};
