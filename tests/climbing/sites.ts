import type { Site } from './hand';

export const OLD_16_10 = {
  transformer: { ratedVolts: 16, ratedVa: 10 },
  source: { openVolts: 20.6, ohms: 8 },
} as const;
const GB_8_8 = {
  transformer: { ratedVolts: 8, ratedVa: 8 },
  source: { openVolts: 11.6, ohms: 3.6 },
  region: 'gb-230',
} as const;

/** Kinds of sites, each with what makes it different from the plainest. */
export const SITES: Readonly<Record<string, Site>> = {
  'an old 16 V 10 VA transformer': { kind: 'doorbell', ...OLD_16_10 },
  'a healthy 16 V 30 VA transformer': {
    kind: 'doorbell',
    transformer: { ratedVolts: 16, ratedVa: 30 },
    source: { openVolts: 18.9, ohms: 1.6 },
  },
  'an electronic chime': { kind: 'doorbell', ...OLD_16_10, chime: { chimeKind: 'electronic' } },
  'no chime on the wires': { kind: 'doorbell', ...OLD_16_10, chime: { chimeKind: 'none' } },
  'a wireless chime and no bell': { kind: 'doorbell', look: { wasThere: 'nothing' }, chime: { chimeKind: 'wireless' } },
  'a British 8 V bell': { kind: 'doorbell', ...GB_8_8 },
  'a British boxed chime': { kind: 'doorbell', ...GB_8_8, chime: { chimeKind: 'boxedMains' } },
  'a British bell with room in the board': {
    kind: 'doorbell',
    ...GB_8_8,
    transformer: { ...GB_8_8.transformer, freeWays: 4 },
  },
  'no bell, a supply from the board': { kind: 'doorbell', look: { wasThere: 'nothing' } },
  'no bell, an adapter': { kind: 'doorbell', look: { wasThere: 'nothing' }, supply: { from: 'adapter' } },
  'no bell in Britain, a spur': {
    kind: 'doorbell',
    region: 'gb-230',
    look: { wasThere: 'nothing' },
    supply: { from: 'spur' },
  },
  'an entry phone whose cable is kept': {
    kind: 'doorbell',
    ...OLD_16_10,
    look: { wasThere: 'entryPhone', ownCable: 'kept' },
  },
  'an entry phone whose cable stays in the wall': {
    kind: 'doorbell',
    ...OLD_16_10,
    look: { wasThere: 'entryPhone', ownCable: 'left' },
  },
  'a video doorbell before': { kind: 'doorbell', ...OLD_16_10, look: { wasThere: 'videoDoorbell' } },
  'a plugged transformer': { kind: 'doorbell', transformer: { ratedVolts: 16, ratedVa: 10, plugged: 'yes' } },
  'the policy that spares the chime': { kind: 'doorbell', ...OLD_16_10, policy: { weakSupply: 'spareChime' } },
  'the policy of headroom': { kind: 'doorbell', ...OLD_16_10, policy: { weakSupply: 'headroom' } },
  'the policy of silence': { kind: 'doorbell', ...OLD_16_10, policy: { weakSupply: 'silence' } },
  'nothing switched on over an open box': {
    kind: 'doorbell',
    ...OLD_16_10,
    policy: { weakSupply: 'headroom', energise: 'afterClosing' },
  },
  'nothing can be read but the open volts': {
    kind: 'doorbell',
    ...OLD_16_10,
    cantRead: ['nameplate', 'mainsVolts', 'resistor', 'loopToChime', 'loopToDoor', 'coilOhms'],
  },
  'nothing can be read at all': {
    kind: 'doorbell',
    cantRead: ['openVolts', 'nameplate', 'mainsVolts', 'resistor', 'loopToChime', 'loopToDoor', 'coilOhms'],
  },
  'a transformer that can’t be bought': { kind: 'doorbell', ...OLD_16_10, cantBuy: true },
  'a new transformer that is not as its sheet says': { kind: 'doorbell', ...OLD_16_10, newOpenVolts: 11 },
  'a ring that fails, and is put right': { kind: 'doorbell', ...OLD_16_10, fails: ['ring'] },
  'volts that fail, and are let stand': { kind: 'doorbell', ...OLD_16_10, fails: ['doorVolts'], letsStand: true },
  'a chime made for 10 V': { kind: 'doorbell', ...OLD_16_10, chime: { chimeKind: 'mechanical', ratedVolts: 10 } },
  'a chime of 6 V in Britain': { kind: 'doorbell', ...GB_8_8, chime: { chimeKind: 'mechanical', ratedVolts: 6 } },
  'thin wire': { kind: 'doorbell', ...OLD_16_10, runs: { awg: 24, lengthM: 40 } },
  'thin wire with pairs to spare': { kind: 'doorbell', ...OLD_16_10, runs: { awg: 24, lengthM: 30, sparePairs: 3 } },
  'a floodlight that lights no lamp at first': { kind: 'floodlight', fails: ['lamps'] },
  'a floodlight on a box with room': { kind: 'floodlight' },
  'a floodlight under an eave, on a plastic box': {
    kind: 'floodlight',
    look: { mountedOn: 'eave' },
    box: { material: 'plastic', clamps: 'none' },
  },
  'a floodlight on a pancake box': {
    kind: 'floodlight',
    box: { standardBox: 'pancake', recessM: 0, wetRated: 'no', bears: 'no' },
  },
  'a floodlight in Britain': { kind: 'floodlight', region: 'gb-230' },
  'a floodlight behind a switch': { kind: 'floodlight', box: { ahead: 'switch' } },
  'a floodlight with a plug': { kind: 'plugFloodlight' },
  'a floodlight with a plug in Britain': { kind: 'plugFloodlight', region: 'gb-230' },
};
