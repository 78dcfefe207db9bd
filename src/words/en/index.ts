import { advice } from './advice';
import { bell } from './bell';
import { catalogue } from './catalogue';
import { policy } from './policy';
import { region } from './region';
import { chime } from './chime';
import { doorbell } from './doorbell';
import { faults } from './faults';
import { floodlight } from './floodlight';
import { isolation } from './isolation';
import { job } from './job';
import { junction } from './junction';
import { kinds } from './kinds';
import { mount } from './mount';
import { plugFloodlight } from './plugFloodlight';
import { points } from './points';
import { prove } from './prove';
import { search } from './search';
import { shared } from './shared';
import { supply } from './supply';
import { units } from './units';
import { wifi } from './wifi';
import { wiring } from './wiring';
import type { Language } from '../language';
import { placeWords } from './places';
import { writingOf } from '../terms';

/** English as it is spoken here: the language that has a sentence for everything. */
export const english: Language = {
  id: 'en',
  name: 'English',
  sentences: {
    ...advice,
    ...bell,
    ...catalogue,
    ...policy,
    ...region,
    ...chime,
    ...doorbell,
    ...faults,
    ...floodlight,
    ...isolation,
    ...job,
    ...junction,
    ...kinds,
    ...mount,
    ...plugFloodlight,
    ...points,
    ...prove,
    ...search,
    ...shared,
    ...supply,
    ...units,
    ...wifi,
    ...wiring,
  },
  placeWords,
  writing: writingOf('en-GB'),
};
