import {
  accountRequest,
  claimRequest,
  codeRequest,
  newAccountRequest,
  passphraseRequest,
  signInRequest,
} from '../accounts';
import { againRequest, passkeyRequest } from '../passkeys';
import { adviceRequest } from '../adviceRequest';
import { aimRequest } from '../aim';
import { bellRequest } from '../bell';
import { boxFillRequest } from '../boxFill';
import { breakerHuntRequest } from '../breakerHunt';
import { MOST_ENTRIES_AT_ONCE, eraseRequest, newCrewRequest, newJobRequest } from '../job';
import { lightRequest } from '../light';
import { poseRequest } from '../pose';
import { PROBLEM_TITLES } from '../problem';
import { diagnoseRequest } from '../diagnose';
import { nextTestRequest } from '../nextTest';
import { practiceRequest } from '../practice';
import { searchOrderRequest } from '../searchOrder';
import { settingsRequest } from '../settings';
import { shareRequest } from '../share';
import { sourceFitRequest } from '../sourceFit';
import { viewRequest } from '../view';
import { ANSWER_SCHEMAS } from './answerSchemas';
import { ALWAYS_ADDED, NUMBERED, dataSchemas, entrySchema } from './entrySchemas';
import { jobFileSchema } from './jobFileSchema';
import { jsonSchemaOf } from './jsonSchema';
import { catalogueSchemas } from './catalogueSchemas';
import type { Operation } from './operation';
import { ROUTES } from './routes';

const HOME = '#/components/schemas/';
const content = (name: string, type = 'application/json') => ({ [type]: { schema: { $ref: `${HOME}${name}` } } });

function operationOf(path: string, method: string, operation: Operation): object {
  const { summary, body, answers, refusals, query = {}, gives, takes } = operation;
  const inPath = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const inQuery = Object.entries(query).map(([name, schema]) => ({ name, in: 'query', required: false, schema }));
  return {
    operationId: `${method}${path
      .replace('/api/v1', '')
      .replace(/[^a-zA-Z]+(\w)/g, (_all, letter: string) => letter.toUpperCase())
      .replace(/\W/g, '')}`,
    summary,
    parameters: [...inPath, ...inQuery],
    ...(body ? { requestBody: { required: true, content: content(body, takes) } } : {}),
    responses: {
      ...Object.fromEntries(
        Object.entries(answers).map(([status, name]) => [
          status,
          { description: status === '201' ? 'made' : 'as asked', content: content(name, gives) },
        ]),
      ),
      ...Object.fromEntries(
        refusals.map((status) => [
          status,
          {
            description: PROBLEM_TITLES[status] ?? 'refused',
            content: { 'application/problem+json': { schema: { $ref: `${HOME}Problem` } } },
          },
        ]),
      ),
    },
  };
}

/** The OpenAPI 3.1 document of the open interface, made from the schemas that the server itself parses with. */
export function openApi(): object {
  const { $schema: _dialect, $defs: _data, ...jobFile } = jobFileSchema();
  return {
    openapi: '3.1.0',
    info: {
      title: 'Fox Ladder',
      version: '1',
      description: 'JSON in UTF-8, SI units with the unit in the name, times in ISO 8601 with their offset.',
    },
    servers: [{ url: '/' }],
    paths: Object.fromEntries(
      Object.entries(ROUTES).map(([path, methods]) => [
        path,
        Object.fromEntries(
          Object.entries(methods).map(([method, operation]) => [method, operationOf(path, method, operation)]),
        ),
      ]),
    ),
    components: {
      schemas: {
        ...ANSWER_SCHEMAS,
        ...dataSchemas(),
        ...catalogueSchemas(HOME),
        BellRequest: jsonSchemaOf(bellRequest),
        AdviceRequest: jsonSchemaOf(adviceRequest),
        SourceFitRequest: jsonSchemaOf(sourceFitRequest),
        BreakerHuntRequest: jsonSchemaOf(breakerHuntRequest),
        BoxFillRequest: jsonSchemaOf(boxFillRequest),
        NextTestRequest: jsonSchemaOf(nextTestRequest),
        DiagnoseRequest: jsonSchemaOf(diagnoseRequest),
        SearchOrderRequest: jsonSchemaOf(searchOrderRequest),
        ViewRequest: jsonSchemaOf(viewRequest),
        LightRequest: jsonSchemaOf(lightRequest),
        AimRequest: jsonSchemaOf(aimRequest),
        PoseRequest: jsonSchemaOf(poseRequest),
        SettingsChange: jsonSchemaOf(settingsRequest),
        NewJob: jsonSchemaOf(newJobRequest),
        NewPerson: jsonSchemaOf(newCrewRequest),
        EraseCustomer: jsonSchemaOf(eraseRequest),
        SignIn: jsonSchemaOf(signInRequest),
        DeviceCode: jsonSchemaOf(codeRequest),
        AccountCode: jsonSchemaOf(claimRequest),
        OwnPassphrase: jsonSchemaOf(passphraseRequest),
        Again: jsonSchemaOf(againRequest),
        PasskeyAnswer: jsonSchemaOf(passkeyRequest),
        NewAccount: jsonSchemaOf(newAccountRequest),
        AccountChange: jsonSchemaOf(accountRequest),
        NewShare: jsonSchemaOf(shareRequest),
        NewRound: jsonSchemaOf(practiceRequest),
        NewEntry: entrySchema(HOME),
        Entry: entrySchema(HOME, NUMBERED, ALWAYS_ADDED),
        NewEntries: {
          type: 'object',
          properties: {
            entries: {
              type: 'array',
              items: { $ref: `${HOME}NewEntry` },
              minItems: 1,
              maxItems: MOST_ENTRIES_AT_ONCE,
            },
          },
          required: ['entries'],
          additionalProperties: false,
        },
        JobFile: {
          ...jobFile,
          properties: { ...jobFile.properties, entries: { type: 'array', items: entrySchema(HOME, NUMBERED) } },
        },
      },
    },
  };
}
