import { said, type Text } from '../said';
import type { LicenceLine } from '../region';
import type { ModulePolicy, SupplyPolicy } from './supplyPolicy';

/** One way to do a thing that good practitioners do differently, with what speaks for and against it. */
export interface School<T extends string = string> {
  readonly id: T;
  readonly words: Text;
  readonly pro: Text;
  readonly contra: Text;
}

/** One matter of the firm's policy; the first school is the default (domain/schools). */
export interface PolicyMatter<T extends string = string> {
  readonly matter: Text;
  readonly acts: Text;
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
  readonly licensedWork: LicenceLine;
}

export const POLICY_MATTERS: { readonly [M in keyof Policy]: PolicyMatter<Policy[M]> } = {
  bellSide: {
    matter: said('bellSideWhile'),
    acts: said('gateEveryBell'),
    schools: [
      { id: 'off', words: said('off'), pro: said('noShortedTransformer'), contra: said('walkBoard') },
      {
        id: 'live',
        words: said('liveBeingLow'),
        pro: said('noWalkBell'),
        contra: said('twoLeadsTouch'),
      },
    ],
  },
  energise: {
    matter: said('mainsBeforeClosing'),
    acts: said('stepsWireBox'),
    schools: [
      {
        id: 'beforeClosing',
        words: said('onceSeeWork'),
        pro: said('faultShowsWhile'),
        contra: said('secondProof'),
      },
      { id: 'afterClosing', words: said('onlyAfterClosing'), pro: said('oneProof'), contra: said('faultMeansOpening') },
    ],
  },
  registering: {
    matter: said('registeringDevice'),
    acts: said('unpackCheckList'),
    schools: [
      {
        id: 'bench',
        words: said('benchBeforeMounting'),
        pro: said('deadPartShows'),
        contra: said('needsPower'),
      },
      {
        id: 'mounted',
        words: said('afterMounting'),
        pro: said('placeOwnSupply'),
        contra: said('deadPartComes'),
      },
    ],
  },
  account: {
    matter: said('account'),
    acts: said('beforeListCustomers'),
    schools: [
      {
        id: 'customer',
        words: said('customerOwnsOthersInvited'),
        pro: said('staysTheirsWhen'),
        contra: said('theyReady'),
      },
      {
        id: 'shared',
        words: said('oneSharedSignIn'),
        pro: said('quick'),
        contra: said('nobodyCanShut'),
      },
    ],
  },
  fixings: {
    matter: said('fixings'),
    acts: said('unpackCheckListBring'),
    schools: [
      {
        id: 'own',
        words: said('firmsOwnChosen'),
        pro: said('theyHoldWall'),
        contra: said('keptVan'),
      },
      { id: 'bag', words: said('thoseBag'), pro: said('theyFitPlate'), contra: said('oneKindAll') },
    ],
  },
  weakSupply: {
    matter: said('weakSupply'),
    acts: said('wayChooseProposes'),
    schools: [
      {
        id: 'soundest',
        words: said('soundestLeastMinutes'),
        pro: said('nothingDoneFigures'),
        contra: said('laterHungrierDevice'),
      },
      {
        id: 'spareChime',
        words: said('spareChimeTransformer'),
        pro: said('oldChimeNot'),
        contra: said('lessSpareLong'),
      },
      {
        id: 'headroom',
        words: said('headroomHighestVolts'),
        pro: said('noLaterDevice'),
        contra: said('weakChimeOn24'),
      },
      {
        id: 'silence',
        words: said('silenceChimeOut'),
        pro: said('oftenNoMains'),
        contra: said('chimeRingsNo'),
      },
    ],
  },
  noGround: {
    matter: said('noGroundInBox'),
    acts: said('groundRemediesChoose'),
    schools: [
      {
        id: 'stop',
        words: said('stopAndFindOut'),
        pro: said('nothingHangsUngrounded'),
        contra: said('anotherVisitNone'),
      },
      {
        id: 'byRule',
        words: said('goRegionsRule'),
        pro: said('gfciRcdProtects'),
        contra: said('licensedDecisionLabel'),
      },
    ],
  },
  connectors: {
    matter: said('connectorsMatter'),
    acts: said('spliceStepsSay'),
    schools: [
      { id: 'bare', words: said('bareSoundOnes'), pro: said('nothingUnwrap'), contra: said('noneAgainst') },
      {
        id: 'taped',
        words: said('connectorTapedOnce'),
        pro: said('staysWhileBox'),
        contra: said('stickyNextPerson'),
      },
    ],
  },
  licensedWork: {
    matter: said('licensedWorkMatter'),
    acts: said('licensedWorkActs'),
    schools: [
      {
        id: 'reserved',
        words: said('licensedReserved'),
        pro: said('licensedReservedPro'),
        contra: said('licensedReservedContra'),
      },
      {
        id: 'works',
        words: said('licensedWorks'),
        pro: said('licensedWorksPro'),
        contra: said('licensedWorksContra'),
      },
      {
        id: 'allMains',
        words: said('licensedAllMains'),
        pro: said('licensedAllPro'),
        contra: said('licensedAllContra'),
      },
    ],
  },
  powerModule: {
    matter: said('thePowerModule'),
    acts: said('whetherChooseProposes'),
    schools: [
      {
        id: 'demanded',
        words: said('whenNumbersDevice'),
        pro: said('nothingFittedDoes'),
        contra: said('comesBagLeft'),
      },
      {
        id: 'inBag',
        words: said('wheneverComesBag'),
        pro: said('laterHungrierDeviceFinds'),
        contra: said('tenMinutesTwo'),
      },
      {
        id: 'notWhenStrong',
        words: said('neverSupplyStrong'),
        pro: said('fewestPartsWall'),
        contra: said('tiredTransformerMay'),
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
  licensedWork: POLICY_MATTERS.licensedWork.schools[0].id,
};
