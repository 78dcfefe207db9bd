import type { BellCase } from '../bell';
import { effortOf, type Standing, type Way } from './way';

const volts = (value: number): string => `${value.toFixed(1)} V`;
export const percentText = (share: number): string => {
  const rounded = Math.round(share * 100);
  if (share > 0 && rounded === 0) return 'under 1 %';
  return share < 1 && rounded === 100 ? 'over 99 %' : `${rounded} %`;
};

/** How a state is called in a sentence. */
export type StateWords = (state: string) => string;

/** What a way does, in one sentence with the figures that decide. */
export function standingReason({ device }: BellCase, standing: Standing, words: StateWords): string {
  const { verdict, likelyVolts, belief, highestVolts, marginVolts } = standing;
  const state = words(standing.state);
  const needs = `the device drops out under ${volts(device.doorMinVolts)}`;
  switch (verdict) {
    case 'holds':
      return `Holds in ${state} with ${volts(marginVolts)} to spare.`;
    case 'tight':
      return marginVolts < 0
        ? `Keeps ${volts(likelyVolts)} in ${state}: over the ${volts(device.doorMinVolts)} it needs, under the ${volts(device.doorFullVolts)} it wants.`
        : belief < 0.99
          ? `Likely keeps ${volts(likelyVolts)} in ${state}, but in ${percentText(1 - belief)} of cases it leaves its limits.`
          : `Keeps ${volts(likelyVolts)} in ${state}, with the transformer above its rated current.`;
    case 'tooHigh':
      return `Stands at ${volts(highestVolts)} on high mains; the device takes ${volts(device.doorMaxVolts)} at most.`;
    case 'cannotTell':
      return likelyVolts > 0
        ? `Likely ${volts(likelyVolts)} in ${state}, and ${needs}: holds in ${percentText(belief)} of cases.`
        : `Likely collapses in ${state}: holds in ${percentText(belief)} of cases.`;
    case 'fails':
      return likelyVolts > 0
        ? `Falls to ${volts(likelyVolts)} in ${state}; ${needs}.`
        : `Collapses in ${state}; ${needs}.`;
    case 'notComputed':
      return 'An electronic chime in series is not computed.';
  }
}

/** A way with what is believed of it, as a sentence needs it. */
export interface Told {
  readonly way: Way;
  readonly standing: Standing;
}

/** Why the proposed way is proposed: its own figures, and what the next cheaper one would do. */
export function proposalReason(bell: BellCase, proposed: Told, all: readonly Told[], words: StateWords): string {
  const own = standingReason(bell, proposed.standing, words);
  const cheaper = all
    .filter(({ way }) => way !== proposed.way && effortOf(way) < effortOf(proposed.way))
    .sort((a, b) => effortOf(b.way) - effortOf(a.way))[0];
  if (!cheaper) return `${own} Nothing is cheaper.`;
  const { standing } = cheaper;
  const state = words(standing.state);
  const does =
    standing.belief >= 0.99
      ? cheaper.way.silent && !proposed.way.silent
        ? 'would silence the chime'
        : 'would hold too, but the firm’s policy passes it over'
      : standing.likelyVolts === 0
        ? `collapses in ${state}`
        : standing.likelyVolts < bell.device.doorMinVolts
          ? `drops to ${volts(standing.likelyVolts)} in ${state}`
          : standing.verdict === 'tooHigh'
            ? `stands at ${volts(standing.highestVolts)} on high mains`
            : `holds in only ${percentText(standing.belief)} of cases`;
  return `${own} The next cheaper way ${does}.`;
}

/** Why a way is not the proposed one. */
export function whyNot(bell: BellCase, asked: Told, proposed: Told | null, words: StateWords): string {
  const own = standingReason(bell, asked.standing, words);
  if (!proposed || asked.way === proposed.way) return own;
  if (asked.standing.belief < 0.99) return own;
  const more = effortOf(asked.way) - effortOf(proposed.way);
  const reasons = [
    ...(asked.way.silent && !proposed.way.silent ? ['it silences the chime'] : []),
    ...(asked.way.licensed && !proposed.way.licensed ? ['it needs a licensed person'] : []),
    ...(more > 0 ? [`it costs ${Math.round(more)} more in minutes and money`] : []),
  ];
  if (reasons.length === 0) return `${own} It would do; the firm’s policy goes another way.`;
  return `${own} But ${reasons.join(', and ')}.`;
}
