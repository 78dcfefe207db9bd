import { said, type Text } from '../said';
import type { Option } from './options';

/** A way in words: what feeds it, what becomes of the chime, what is done to the wire, with which device. */
export const wayWords = ({
  transformer,
  tap,
  treatment,
  wire,
  instead,
  device,
}: Pick<Option, 'transformer' | 'tap' | 'treatment' | 'wire' | 'instead' | 'device'>): Text =>
  said('listed', {
    items: [
      transformer?.name ?? (tap ? said('pairOfOld', { volts: tap.ratedVolts, screws: tap.screws }) : said('keepOld')),
      treatment.name,
      ...(wire === 'keep' ? [] : [said('wireRemedy', { wire })]),
      ...(instead ? [said('deviceInstead', { device: device.name })] : []),
    ],
  });
