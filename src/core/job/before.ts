import { said, type Text } from '../said';
import type { Job } from './job';

/** Something that has to be ready before the visit. */
export interface BeforeItem {
  readonly id: string;
  /** Ready, known to be missing, or nobody asked yet. */
  readonly state: 'ready' | 'missing' | 'open';
  /** What is wrong, for the worries. */
  readonly words: Text;
  readonly why: Text;
  /** The same in plain words, for the customer. */
  readonly ask: Text;
}

type Ready = 'ready' | 'missing' | undefined;
const stateOf = (said: Ready): BeforeItem['state'] => said ?? 'open';
const named = (text: string | undefined): BeforeItem['state'] => (text === undefined ? 'open' : 'ready');

/** The list that the office or the customer goes through once, in the order of the questions. */
export function beforeList(job: Job): readonly BeforeItem[] {
  const { customer, policy } = job;
  const item = (id: string, state: BeforeItem['state'], words: readonly [Text, Text], why: Text, ask: Text) => ({
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
      [said('notAskedWhether'), said('nobodyHome')],
      said('boardChimeInside'),
      said('pleaseHomeSomebody'),
    ),
    item(
      'wifiName',
      named(customer.wifiName),
      [said('wiFiName'), said('wiFiName')],
      said('noPairingWithout'),
      said('nameYourWi'),
    ),
    item(
      'wifiBand',
      customer.wifiBand === undefined ? 'open' : 'ready',
      [said('wiFiBand'), said('wiFiBand')],
      said('manyDevicesJoin'),
      said('ifYouKnow'),
    ),
    item(
      'wifiPassword',
      stateOf(customer.wifiPassword),
      [said('wiFiPassword'), said('wiFiPasswordMissing')],
      said('noPairingWithout'),
      said('yourWiFi'),
    ),
    item(
      'account',
      stateOf(customer.account),
      [said('accountNotAsked'), said('accountNotMade')],
      policy.account === 'customer' ? said('customerOwnsOthers') : said('oneSharedSign'),
      policy.account === 'customer' ? said('makeYourAccount') : said('tellUsKeeps'),
    ),
    item(
      'phone',
      stateOf(customer.phone),
      [said('phoneNotAsked'), said('phoneNotReady')],
      said('chargedProgramInstalled'),
      said('chargeYourPhone'),
    ),
    item(
      'owner',
      named(customer.owner),
      [said('ownerNotNamed'), said('ownerNotNamed')],
      said('oneOwnsOthers'),
      said('decideOwnsDevice'),
    ),
    item(
      'pointNames',
      stateOf(customer.pointNames),
      [said('namesPointsNot'), said('namesPointsMissing')],
      said('theySpokenShown'),
      said('thinkNameEach'),
    ),
    item(
      'recording',
      stateOf(customer.recording),
      [said('recordingNotTalked'), said('recordingNotDecided')],
      said('costsAfterTrial'),
      said('decideWhetherYou'),
    ),
    item(
      'permission',
      permission === 'missing' ? 'missing' : permission === undefined ? 'open' : 'ready',
      [said('permissionNotAsked'), said('landlordsPermissionMissing')],
      said('noHoleWithout'),
      said('ifYouRent'),
    ),
  ];
}

/** What the customer still has to bring. */
export const missingFromCustomer = (job: Job): readonly BeforeItem[] =>
  beforeList(job).filter(({ state }) => state !== 'ready');

/** Lines of the customer's page: a greeting, what is still open in plain words, and an end. */
export interface CustomerPage {
  readonly opening: Text;
  readonly asks: readonly Text[];
  readonly closing: Text;
}

/** The page for the customer, made from what is open. @param when the visit in words, null where none is planned */
export function customerPage(job: Job, when: string | null): CustomerPage {
  const asks = missingFromCustomer(job).map(({ ask }) => ask);
  const points = job.points.map(({ name }) => name);
  const hello = job.customer.name ? said('dear', { customer: job.customer.name }) : said('goodDay');
  return {
    opening: said('together', {
      sentences: [
        hello,
        said('weCome', { when, points }),
        asks.length === 0 ? said('everythingWeNeed') : said('stillOpenWithYou', { things: asks.length }),
      ],
    }),
    asks,
    closing: said('shortWhileWe'),
  };
}

/** The same as a text to send, line by line. */
export const customerText = (page: CustomerPage, say: (text: Text) => string): string =>
  [say(page.opening), ...page.asks.map((ask) => `– ${say(ask)}`), say(page.closing)].join('\n');
