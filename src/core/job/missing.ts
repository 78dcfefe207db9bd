import type { Job, Point } from './job';

/** Something not said yet, in the words of the next move. */
export interface Missing {
  readonly id: string;
  readonly words: string;
  readonly why: string;
}

/** What Look still needs at a point, most telling first. */
export function missingAtLook(point: Point): readonly Missing[] {
  const all: readonly (Missing & { readonly there: boolean })[] = [
    {
      id: 'wasThere',
      there: point.look.wasThere !== undefined,
      words: 'Say what was there before',
      why: 'A button means bell wires; nothing means a new supply.',
    },
    {
      id: 'chimeKind',
      there: point.chime.chimeKind !== undefined,
      words: 'Open the chime: which kind is it?',
      why: 'It decides which treatments there are.',
    },
    {
      id: 'wall',
      there: point.look.wall !== undefined,
      words: 'Name the wall at the door',
      why: 'Bit, anchors and screw length follow from it.',
    },
    {
      id: 'leadReachM',
      there: point.look.leadReachM !== undefined,
      words: 'Pull the lead: how far does it reach?',
      why: 'It decides where the plate can sit.',
    },
  ];
  return all.filter(({ there }) => !there);
}

/** What the customer still has to bring; every one is a worry until it is there. */
export function missingFromCustomer(job: Job): readonly Missing[] {
  const { wifiName, wifiPassword, account, phone, permission } = job.customer;
  const all: readonly (Missing & { readonly there: boolean })[] = [
    { id: 'wifiName', there: wifiName !== undefined, words: 'Wi-Fi name not known yet', why: 'no pairing without it' },
    {
      id: 'wifiPassword',
      there: wifiPassword === 'ready',
      words: wifiPassword === 'missing' ? 'Wi-Fi password is missing' : 'Wi-Fi password not asked for yet',
      why: 'no pairing without it',
    },
    {
      id: 'account',
      there: account === 'ready',
      words: account === 'missing' ? 'Account is not made yet' : 'Account not asked about yet',
      why: 'the customer owns it, others are invited',
    },
    {
      id: 'phone',
      there: phone === 'ready',
      words: phone === 'missing' ? 'Phone is not ready' : 'Phone not asked about yet',
      why: 'charged, program installed, permissions given',
    },
    {
      id: 'permission',
      there: permission !== 'missing',
      words: 'Landlord’s permission is missing',
      why: 'no hole without it',
    },
  ];
  return all.filter(({ there }) => !there);
}
