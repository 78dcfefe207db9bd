import type { Job } from './job';

/** Something that has to be ready before the visit. */
export interface BeforeItem {
  readonly id: string;
  /** Ready, known to be missing, or nobody asked yet. */
  readonly state: 'ready' | 'missing' | 'open';
  /** What is wrong, for the worries. */
  readonly words: string;
  readonly why: string;
  /** The same in plain words, for the customer. */
  readonly ask: string;
}

type Ready = 'ready' | 'missing' | undefined;
const stateOf = (said: Ready): BeforeItem['state'] => said ?? 'open';
const named = (text: string | undefined): BeforeItem['state'] => (text === undefined ? 'open' : 'ready');

/** The list that the office or the customer goes through once, in the order of the questions. */
export function beforeList(job: Job): readonly BeforeItem[] {
  const { customer, policy } = job;
  const item = (
    id: string,
    state: BeforeItem['state'],
    words: readonly [string, string],
    why: string,
    ask: string,
  ) => ({
    id,
    state,
    words: state === 'missing' ? words[1] : words[0],
    why,
    ask,
  });
  const permission = customer.permission;
  return [
    item(
      'someoneHome',
      stateOf(customer.someoneHome),
      ['Not asked whether somebody is home', 'Nobody is home then'],
      'the board and the chime are inside',
      'Please be at home, or have somebody there: we need to get to the chime and to the breaker panel or consumer unit.',
    ),
    item(
      'wifiName',
      named(customer.wifiName),
      ['Wi-Fi name not known yet', 'Wi-Fi name not known yet'],
      'no pairing without it',
      'Have the name of your Wi-Fi at hand.',
    ),
    item(
      'wifiBand',
      customer.wifiBand === undefined ? 'open' : 'ready',
      ['Wi-Fi band not known yet', 'Wi-Fi band not known yet'],
      'many devices join on 2.4 GHz only',
      'If you know it, tell us whether your Wi-Fi runs on 2.4 GHz, 5 GHz or both.',
    ),
    item(
      'wifiPassword',
      stateOf(customer.wifiPassword),
      ['Wi-Fi password not asked for yet', 'Wi-Fi password is missing'],
      'no pairing without it',
      'Have your Wi-Fi password at hand. You type it yourself; we never write it down.',
    ),
    item(
      'account',
      stateOf(customer.account),
      ['Account not asked about yet', 'Account is not made yet'],
      policy.account === 'customer'
        ? 'the customer owns it, others are invited'
        : 'one shared sign-in, as the firm has it',
      policy.account === 'customer'
        ? 'Make your account beforehand and open the message that verifies it. It is yours; we never need its password.'
        : 'Tell us who keeps the shared sign-in, and have it verified beforehand.',
    ),
    item(
      'phone',
      stateOf(customer.phone),
      ['Phone not asked about yet', 'Phone is not ready'],
      'charged, program installed, permissions given',
      'Charge your phone, install the device’s program on it, and allow it Bluetooth, location and notices.',
    ),
    item(
      'owner',
      named(customer.owner),
      ['Owner not named yet', 'Owner not named yet'],
      'one owns it, the others are invited',
      'Decide who owns the device, and who else shall see and answer it.',
    ),
    item(
      'pointNames',
      stateOf(customer.pointNames),
      ['Names of the points not agreed yet', 'Names of the points are missing'],
      'they are spoken and shown every day',
      'Think of a name for each place, for instance “Front door”.',
    ),
    item(
      'recording',
      stateOf(customer.recording),
      ['Recording not talked about yet', 'Recording not decided'],
      'what it costs after the trial is said beforehand',
      'Decide whether you want recordings to be kept; we tell you what that costs once a trial ends.',
    ),
    item(
      'permission',
      permission === 'missing' ? 'missing' : permission === undefined ? 'open' : 'ready',
      ['Permission not asked about yet', 'Landlord’s permission is missing'],
      'no hole without it',
      'If you rent, get your landlord’s permission in writing: we drill two small holes.',
    ),
  ];
}

/** What the customer still has to bring. */
export const missingFromCustomer = (job: Job): readonly BeforeItem[] =>
  beforeList(job).filter(({ state }) => state !== 'ready');

/** Lines of the customer's page: a greeting, what is still open in plain words, and an end. */
export interface CustomerPage {
  readonly opening: string;
  readonly asks: readonly string[];
  readonly closing: string;
}

/** The page for the customer, made from what is open. @param when the visit in words, null where none is planned */
export function customerPage(job: Job, when: string | null): CustomerPage {
  const asks = missingFromCustomer(job).map(({ ask }) => ask);
  const points = job.points.map(({ name }) => name.toLowerCase()).join(' and ');
  const visit = `${when === null ? 'we will come' : `we come on ${when}`}${points ? ` to fit the device at the ${points}` : ''}.`;
  const hello = job.customer.name ? `Dear ${job.customer.name},` : 'Good day,';
  return {
    opening: `${hello} ${visit} ${
      asks.length === 0
        ? 'Everything we need from you is ready. Thank you.'
        : asks.length === 1
          ? 'One thing is still open:'
          : 'These things are still open; with them done we need to come only once:'
    }`,
    asks,
    closing:
      'For a short while we switch off one circuit: save your work on computers, clocks may need setting. If anything changes, answer this message.',
  };
}

/** The same as a text to send. */
export const customerText = (page: CustomerPage): string =>
  [page.opening, ...page.asks.map((ask) => `– ${ask}`), page.closing].join('\n');
