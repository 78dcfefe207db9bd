import type { ModulePolicy, SupplyPolicy } from './supplyPolicy';

/** One way to do a thing that good practitioners do differently, with what speaks for and against it. */
export interface School<T extends string = string> {
  readonly id: T;
  readonly words: string;
  readonly pro: string;
  readonly contra: string;
}

/** One matter of the firm's policy; the first school is the default (domain/schools). */
export interface PolicyMatter<T extends string = string> {
  readonly matter: string;
  readonly acts: string;
  readonly schools: readonly [School<T>, ...School<T>[]];
}

/** What a policy can say: a matter and its school by their ids. */
export interface Policy {
  readonly bellSide: 'off' | 'live';
  readonly energise: 'beforeClosing' | 'afterClosing';
  readonly registering: 'bench' | 'mounted';
  readonly account: 'customer' | 'shared';
  readonly fixings: 'own' | 'bag';
  readonly weakSupply: SupplyPolicy;
  readonly powerModule: ModulePolicy;
  readonly noGround: 'stop' | 'byRule';
  readonly connectors: 'bare' | 'taped';
}

export const POLICY_MATTERS: { readonly [M in keyof Policy]: PolicyMatter<Policy[M]> } = {
  bellSide: {
    matter: 'Bell side while working',
    acts: 'the gate of every bell step; mains steps never',
    schools: [
      { id: 'off', words: 'off', pro: 'No shorted transformer, no boots in mid-work.', contra: 'A walk to the board.' },
      {
        id: 'live',
        words: 'live, being low voltage',
        pro: 'No walk, and the bell can be tried at once.',
        contra:
          'Two leads that touch short the transformer. Needs a reading of at most 35 V between and to earth first.',
      },
    ],
  },
  energise: {
    matter: 'Mains on before closing up',
    acts: 'the steps of Wire at a box, and what Isolate asks for after a mains proof',
    schools: [
      {
        id: 'beforeClosing',
        words: 'once, to see it work, then off and proved dead again',
        pro: 'A fault shows while the box is open.',
        contra: 'A second proof.',
      },
      { id: 'afterClosing', words: 'only after closing', pro: 'One proof.', contra: 'A fault means opening again.' },
    ],
  },
  registering: {
    matter: 'Registering the device',
    acts: 'the unpack-and-check list',
    schools: [
      {
        id: 'bench',
        words: 'on the bench before mounting',
        pro: 'A dead part shows at the van.',
        contra: 'Needs power there.',
      },
      {
        id: 'mounted',
        words: 'after mounting',
        pro: 'In its place, on its own supply.',
        contra: 'A dead part comes down again.',
      },
    ],
  },
  account: {
    matter: 'Account',
    acts: 'the before list and the customer’s page',
    schools: [
      {
        id: 'customer',
        words: 'customer owns it, others are invited',
        pro: 'It stays theirs when people change.',
        contra: 'They have to be ready.',
      },
      {
        id: 'shared',
        words: 'one shared sign-in',
        pro: 'Quick.',
        contra: 'Nobody can be shut out again; a lost password takes all with it.',
      },
    ],
  },
  fixings: {
    matter: 'Fixings',
    acts: 'the unpack-and-check list and what to bring',
    schools: [
      {
        id: 'own',
        words: 'firm’s own, chosen for the wall',
        pro: 'They hold in this wall.',
        contra: 'To be kept in the van.',
      },
      { id: 'bag', words: 'those in the bag', pro: 'They fit the plate.', contra: 'One kind for all walls.' },
    ],
  },
  weakSupply: {
    matter: 'A weak supply',
    acts: 'which way Choose proposes, among those that hold',
    schools: [
      {
        id: 'soundest',
        words: 'soundest: least minutes and cost, the chime kept where that costs little',
        pro: 'Nothing is done that the figures do not ask for.',
        contra: 'A later, hungrier device may ask again.',
      },
      {
        id: 'spareChime',
        words: 'spare the chime: a transformer of its own volts',
        pro: 'The old chime is not hammered.',
        contra: 'Less to spare on long runs and cold nights.',
      },
      {
        id: 'headroom',
        words: 'headroom: the highest volts and VA that the device takes',
        pro: 'No later device, long run or cold night is a problem.',
        contra: 'An 8 or 16 V chime on 24 V hammers and heats.',
      },
      {
        id: 'silence',
        words: 'silence it: the chime out first, the device gets all',
        pro: 'Often no mains work at all.',
        contra: 'The chime rings no more: a plug-in sounder does.',
      },
    ],
  },
  noGround: {
    matter: 'No ground in the box',
    acts: 'which ground remedies Choose offers',
    schools: [
      {
        id: 'stop',
        words: 'stop and find out',
        pro: 'Nothing hangs ungrounded.',
        contra: 'Another visit where none is found.',
      },
      {
        id: 'byRule',
        words: 'go on as the region’s rule for such circuits allows, in writing',
        pro: 'A GFCI or RCD protects people where no ground can be had.',
        contra: 'A licensed decision, and a label that stays. The rule must be at hand.',
      },
    ],
  },
  connectors: {
    matter: 'Connectors',
    acts: 'what the splice steps say',
    schools: [
      { id: 'bare', words: 'bare: sound ones need nothing', pro: 'Nothing to unwrap.', contra: 'None.' },
      {
        id: 'taped',
        words: 'connector taped once it holds',
        pro: 'It stays on while the box is folded.',
        contra: 'Sticky for the next person. Tape is never in the place of a connector.',
      },
    ],
  },
  powerModule: {
    matter: 'The power module',
    acts: 'whether Choose proposes it where the chime would do without',
    schools: [
      {
        id: 'demanded',
        words: 'when the numbers or the device demand it',
        pro: 'Nothing is fitted that does nothing.',
        contra: 'What comes in the bag is left over.',
      },
      {
        id: 'inBag',
        words: 'whenever it comes in the bag',
        pro: 'A later, hungrier device finds it there.',
        contra: 'Ten minutes and two more leads at every chime.',
      },
      {
        id: 'notWhenStrong',
        words: 'never where the supply is strong',
        pro: 'The fewest parts in the wall.',
        contra: 'A tired transformer may ask for it later.',
      },
    ],
  },
};

export const POLICY_IDS = Object.keys(POLICY_MATTERS) as readonly (keyof Policy)[];

export const DEFAULT_POLICY: Policy = {
  bellSide: POLICY_MATTERS.bellSide.schools[0].id,
  energise: POLICY_MATTERS.energise.schools[0].id,
  registering: POLICY_MATTERS.registering.schools[0].id,
  account: POLICY_MATTERS.account.schools[0].id,
  fixings: POLICY_MATTERS.fixings.schools[0].id,
  weakSupply: POLICY_MATTERS.weakSupply.schools[0].id,
  powerModule: POLICY_MATTERS.powerModule.schools[0].id,
  noGround: POLICY_MATTERS.noGround.schools[0].id,
  connectors: POLICY_MATTERS.connectors.schools[0].id,
};
