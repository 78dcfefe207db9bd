import { said, type Text } from '../said';
import type { BellCase } from '../bell';
import { effortOf, type Standing, type Way } from './way';

export const percentText = (share: number): string => {
  const rounded = Math.round(share * 100);
  if (share > 0 && rounded === 0) return 'under 1 %';
  return share < 1 && rounded === 100 ? 'over 99 %' : `${rounded} %`;
};

/** How a state is called in a sentence. */
export type StateWords = (state: string) => Text;

/** What a way does, in one sentence with the figures that decide. */
export function standingReason(bell: BellCase, standing: Standing, words: StateWords): Text {
  const reason = plainReason(bell, standing, words);
  const { condition, conditionChance } = standing;
  return condition
    ? said('onCondition', { reason, range: said('openRange', condition), chance: conditionChance ?? 0 })
    : reason;
}

function plainReason({ device }: BellCase, standing: Standing, words: StateWords): Text {
  const { verdict, likelyVolts, belief, highestVolts, marginVolts } = standing;
  const state = words(standing.state);
  const needs = said('deviceDropsOut', { doorMinVolts: device.doorMinVolts });
  switch (verdict) {
    case 'holds':
      return said('holdsSpare', { state, marginVolts });
    case 'tight':
      return marginVolts < 0
        ? said('keepsOverNeeds', {
            likelyVolts,
            state,
            doorMinVolts: device.doorMinVolts,
            doorFullVolts: device.doorFullVolts,
          })
        : belief < 0.99
          ? said('likelyKeepsBut', { likelyVolts, state, belief: 1 - belief })
          : said('keepsTransformerAbove', { likelyVolts, state });
    case 'tooHigh':
      return said('standsHighMains', { highestVolts, doorMaxVolts: device.doorMaxVolts });
    case 'cannotTell':
      return likelyVolts > 0
        ? said('likelyHoldsCases', { likelyVolts, state, needs, belief })
        : said('likelyCollapsesHolds', { state, belief });
    case 'fails':
      return likelyVolts > 0 ? said('fallsToIn', { likelyVolts, state, needs }) : said('collapsesIn', { state, needs });
    case 'notComputed':
      return said('electronicChimeSeries');
  }
}

/** A way with what is believed of it, as a sentence needs it. */
export interface Told {
  readonly way: Way;
  readonly standing: Standing;
}

/** Why the proposed way is proposed: its own figures, and what the next cheaper one would do. */
export function proposalReason(bell: BellCase, proposed: Told, all: readonly Told[], words: StateWords): Text {
  const own = standingReason(bell, proposed.standing, words);
  const cheaper = all
    .filter(({ way }) => way !== proposed.way && effortOf(way) < effortOf(proposed.way))
    .sort((a, b) => effortOf(b.way) - effortOf(a.way))[0];
  if (!cheaper) return said('nothingCheaper', { own });
  const { standing } = cheaper;
  const state = words(standing.state);
  const does =
    standing.belief >= 0.99
      ? cheaper.way.silent && !proposed.way.silent
        ? said('wouldSilenceChime')
        : said('wouldHoldToo')
      : standing.likelyVolts === 0
        ? said('doesCollapse', { state })
        : standing.likelyVolts < bell.device.doorMinVolts
          ? said('dropsToIn', { likelyVolts: standing.likelyVolts, state })
          : standing.verdict === 'tooHigh'
            ? said('doesStandHigh', { highestVolts: standing.highestVolts })
            : said('holdsOnlyCases', { belief: standing.belief });
  return said('nextCheaperWay', { own, does });
}

/** Why a way is not the proposed one. */
export function whyNot(bell: BellCase, asked: Told, proposed: Told | null, words: StateWords): Text {
  const own = standingReason(bell, asked.standing, words);
  if (!proposed || asked.way === proposed.way) return own;
  if (asked.standing.belief < 0.99) return own;
  const more = effortOf(asked.way) - effortOf(proposed.way);
  const reasons = [
    ...(asked.way.silent && !proposed.way.silent ? [said('silencesChime')] : []),
    ...(asked.way.licensed && !proposed.way.licensed ? [said('needsLicensedPerson')] : []),
    ...(more > 0 ? [said('costsMoreMinutes', { more })] : []),
  ];
  if (reasons.length === 0) return said('wouldDoFirms', { own });
  return said('but', { own, reasons });
}
