import { SHEET_SIZES } from '@/core/region';
import { DEVICE_TOLDS } from '../instrument';
import { LABELS_ON_A_SHEET, LABEL_SUPPLIES } from '../papers';
import { ACCOUNT_ROUTES } from './accountRoutes';
import type { Routes } from './operation';

/** Where people sign in, 401 too. */
const EVERY = [401, 403, 500];
const WITH_BODY = [400, 413, ...EVERY];

/** The routes; a new one is a line here. */
export const ROUTES: Routes = {
  ...ACCOUNT_ROUTES,
  '/api/v1/compute/bell': {
    post: {
      summary: 'One operating point of the bell loop',
      body: 'BellRequest',
      answers: { 200: 'OperatingPoint' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/source-fit': {
    post: {
      summary: 'A transformer’s droop line from readings under known resistors',
      body: 'SourceFitRequest',
      answers: { 200: 'SourceFit' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/breaker-hunt': {
    post: {
      summary: 'Which breakers to drop next, and what the answers leave',
      body: 'BreakerHuntRequest',
      answers: { 200: 'BreakerHunt' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/next-test': {
    post: {
      summary: 'The test or repair that begins the plan of least expected minutes until it works',
      body: 'NextTestRequest',
      answers: { 200: 'NextTest' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/diagnose': {
    post: {
      summary: 'Which fault a wired doorbell has after what was found, what each test would show, and what to do next',
      body: 'DiagnoseRequest',
      answers: { 200: 'Diagnosis' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/search-order': {
    post: {
      summary: 'In which order to look for something, and how long it takes',
      body: 'SearchOrderRequest',
      answers: { 200: 'SearchOrder' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/box-fill': {
    post: {
      summary: 'The volume that what is in a junction box needs, line by line (NEC 314.16(B))',
      body: 'BoxFillRequest',
      answers: { 200: 'BoxFill' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/view': {
    post: {
      summary:
        'Where points are in the picture of a camera, whether something hides them, and how finely they are seen',
      body: 'ViewRequest',
      answers: { 200: 'View' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/light': {
    post: {
      summary: 'Lux of lamps on receivers, past boxes',
      body: 'LightRequest',
      answers: { 200: 'Light' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/aim': {
    post: {
      summary: 'How the joint of a head has to stand for it to look at a place, or how near it comes',
      body: 'AimRequest',
      answers: { 200: 'Aim' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/pose': {
    post: {
      summary: 'How a camera stands, from points that are known in its own picture',
      body: 'PoseRequest',
      answers: { 200: 'Pose' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/compute/advice': {
    post: {
      summary: 'The whole judgement of one doorbell: estimate, contradictions, options, proposal, next reading',
      body: 'AdviceRequest',
      answers: { 200: 'Advice' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/jobs': {
    get: {
      summary: 'Jobs, the last changed first, a page at a time',
      query: { q: { type: 'string' }, limit: { type: 'integer', minimum: 1, maximum: 200 }, after: { type: 'string' } },
      answers: { 200: 'JobList' },
      refusals: [400, ...EVERY],
    },
    post: {
      summary: 'Makes a job; the same again changes nothing',
      body: 'NewJob',
      answers: { 200: 'Job', 201: 'Job' },
      refusals: [409, 422, ...WITH_BODY],
    },
  },
  '/api/v1/jobs/{id}': {
    get: {
      summary: 'A job, folded from its log; with `as`, what the gate thinks for that person',
      query: { as: { type: 'string', minLength: 1, maxLength: 64 } },
      answers: { 200: 'Job' },
      refusals: [404, 422, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/entries': {
    get: {
      summary: 'The log of a job',
      query: { after: { type: 'integer', minimum: 0 } },
      answers: { 200: 'EntryList' },
      refusals: [400, 404, ...EVERY],
    },
    post: {
      summary: 'Appends entries, all or none, answered when durable',
      body: 'NewEntries',
      answers: { 200: 'Receipt' },
      refusals: [404, 409, 422, ...WITH_BODY],
    },
  },
  '/api/v1/jobs/{id}/news': {
    get: {
      summary: 'New entries of a job, and who else has it open, as server-sent events for as long as somebody listens',
      query: {
        as: { type: 'string', minLength: 1, maxLength: 64 },
        point: { type: 'string', minLength: 1, maxLength: 64 },
      },
      gives: 'text/event-stream',
      answers: { 200: 'Events' },
      refusals: [404, 422, ...EVERY],
    },
  },
  '/api/v1/practice': {
    get: { summary: 'Rounds that were played at the practice bench', answers: { 200: 'RoundList' }, refusals: EVERY },
    post: {
      summary: 'Keeps a round: it is played again here from its acts',
      body: 'NewRound',
      answers: { 200: 'Round', 201: 'Round' },
      refusals: [409, 422, ...WITH_BODY],
    },
  },
  '/api/v1/openapi.json': {
    get: { summary: 'This document', answers: { 200: 'Document' }, refusals: EVERY },
  },
  '/api/v1/jobs/{id}/file': {
    get: { summary: 'The job file', answers: { 200: 'JobFile' }, refusals: [404, ...EVERY] },
  },
  '/api/v1/jobs/{id}/container': {
    get: {
      summary: 'The job with all its photos, as an archive that is streamed (docs/formats); import takes it back',
      query: { with: { enum: ['papers'] } },
      gives: 'application/x-tar',
      answers: { 200: 'Bytes' },
      refusals: [404, 503, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/erase': {
    post: {
      summary: 'Erases the customer of a job: what tells of them can’t be read any more, the record stays',
      body: 'EraseCustomer',
      answers: { 200: 'Erased' },
      refusals: [404, 422, ...WITH_BODY],
    },
  },
  '/api/v1/jobs/{id}/readings': {
    get: {
      summary: 'All readings of a job as CSV, one row each, units in the header',
      gives: 'text/csv',
      answers: { 200: 'Table' },
      refusals: [404, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/papers/{paper}': {
    get: {
      summary:
        'A paper of a job as PDF: customer, job, labels or electrician; on the sheets of its region where none is named',
      query: {
        size: { enum: SHEET_SIZES },
        labels: { enum: LABEL_SUPPLIES },
        first: { type: 'integer', minimum: 1, maximum: LABELS_ON_A_SHEET },
      },
      gives: 'application/pdf',
      answers: { 200: 'Bytes' },
      refusals: [400, 404, 409, 422, 503, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/calendar': {
    get: {
      summary: 'What comes due at a job as iCalendar; taken in anew it moves what stands in a calendar already',
      gives: 'text/calendar',
      answers: { 200: 'Calendar' },
      refusals: [404, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/photos': {
    post: {
      summary: 'Takes a picture in, re-encoded and without its position; an entry “photoAttached” then names it',
      body: 'Bytes',
      takes: 'image/*',
      answers: { 201: 'KeptPhoto' },
      refusals: [404, 413, 422, ...EVERY],
    },
  },
  '/api/v1/jobs/{id}/photos/{sha256}': {
    get: {
      summary: 'A picture of a job, whole or as a thumbnail',
      query: { size: { enum: ['whole', 'thumb'] } },
      gives: 'image/jpeg',
      answers: { 200: 'Bytes' },
      refusals: [404, 422, ...EVERY],
    },
  },
  '/api/v1/settings': {
    get: { summary: 'What the firm has set', answers: { 200: 'Settings' }, refusals: EVERY },
    post: {
      summary: 'Changes what is said and leaves the rest',
      body: 'SettingsChange',
      answers: { 200: 'Settings' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/catalogue': {
    get: {
      summary: 'Every shelf: what ships and the firm’s own items',
      answers: { 200: 'Catalogue' },
      refusals: EVERY,
    },
    post: {
      summary: 'Takes own items in, all or none, over those of the same id',
      body: 'CatalogueItems',
      answers: { 200: 'Catalogue' },
      refusals: [422, ...WITH_BODY],
    },
  },
  '/api/v1/catalogue/file': {
    get: { summary: 'The firm’s own items as a file', answers: { 200: 'CatalogueFile' }, refusals: EVERY },
  },
  '/api/v1/catalogue/{shelf}/csv': {
    get: {
      summary: 'A shelf as CSV, one row an item',
      gives: 'text/csv',
      answers: { 200: 'Table' },
      refusals: [404, ...EVERY],
    },
    post: {
      summary: 'Takes a shelf in from CSV, all rows or none; each fault is named by row and column',
      body: 'Table',
      takes: 'text/csv',
      answers: { 200: 'Catalogue' },
      refusals: [404, 422, ...WITH_BODY],
    },
  },
  '/api/v1/catalogue/{shelf}/{item}': {
    delete: {
      summary: 'Takes an own item away; a shipped one of its id stands again',
      answers: { 200: 'Catalogue' },
      refusals: [404, ...EVERY],
    },
  },
  '/api/v1/sim/meter': {
    get: {
      summary: 'The simulated meter’s display as server-sent events',
      query: Object.fromEntries(
        ['job', 'point', 'function', 'from', 'to', 'state', 'conductor', 'test', 'switches'].map((name) => [
          name,
          { type: 'string' },
        ]),
      ),
      gives: 'text/event-stream',
      answers: { 200: 'Bytes' },
      refusals: [400, 404, 409, 422, ...EVERY],
    },
  },
  '/api/v1/sim/phone': {
    get: {
      summary: 'What the simulated phone says of the Wi-Fi at a point',
      query: { job: { type: 'string' }, point: { type: 'string' } },
      answers: { 200: 'PhoneReading' },
      refusals: [400, 404, 409, ...EVERY],
    },
  },
  '/api/v1/sim/code': {
    get: {
      summary: 'The code that the simulated scanner reads at a point’s device',
      query: { job: { type: 'string' }, point: { type: 'string' } },
      answers: { 200: 'CodeReading' },
      refusals: [400, 404, 409, ...EVERY],
    },
  },
  '/api/v1/sim/device': {
    get: {
      summary: 'How the simulated device at a point comes up, told what to do',
      query: { job: { type: 'string' }, point: { type: 'string' }, told: { type: 'string', enum: [...DEVICE_TOLDS] } },
      answers: { 200: 'DeviceScript' },
      refusals: [400, 404, 409, ...EVERY],
    },
  },
  '/api/v1/sim/lean': {
    get: {
      summary: 'How the simulated phone lies, held along the head of a floodlight camera or against its wall',
      query: { job: { type: 'string' }, point: { type: 'string' }, held: { type: 'string' } },
      answers: { 200: 'LeanReading' },
      refusals: [400, 404, 409, ...EVERY],
    },
  },
  '/api/v1/jobs/import': {
    post: {
      summary: 'Takes a job file in; new entries of a known job are added at its end',
      body: 'JobFile',
      answers: { 200: 'Job', 201: 'Job' },
      refusals: [409, 422, ...WITH_BODY],
    },
  },
  '/api/v1/crew': {
    get: { summary: 'Who writes entries', answers: { 200: 'Crew' }, refusals: EVERY },
    post: {
      summary: 'Names somebody',
      body: 'NewPerson',
      answers: { 200: 'Person', 201: 'Person' },
      refusals: [409, 422, ...WITH_BODY],
    },
  },
};
