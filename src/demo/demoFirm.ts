import type { EntryData, EntryKind, NewEntry, Person } from '@/core/job';

export const CREW: readonly Person[] = [
  { id: 'ines', name: 'Ines' },
  { id: 'tomas', name: 'Tomas' },
];

type Line = { [K in EntryKind]: readonly [K, EntryData<K>] }[EntryKind];

interface DemoJob {
  readonly title: string;
  readonly lines: readonly Line[];
}

const point: Line = ['pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door' }];
const pointId = 'front';

/** The made-up firm's first jobs; figures consistent with the program's own physics. */
export const DEMO_JOBS: readonly DemoJob[] = [
  {
    title: 'Tern Cottage',
    lines: [
      ['siteDescribed', { name: 'Tern Cottage', address: '3 Slip Lane', region: 'na-120' }],
      point,
      ['chimeDescribed', { pointId, chimeKind: 'mechanical', ratedVolts: 16 }],
      ['transformerDescribed', { pointId, ratedVolts: 16, ratedVa: 10 }],
      ['readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 20.9, high: 20.9 }],
      ['readingTaken', { pointId, what: 'mainsVolts', low: 119, high: 119 }],
    ],
  },
  {
    title: 'Gull House',
    lines: [
      ['siteDescribed', { name: 'Gull House', address: 'Harbour Row 12', region: 'gb-230' }],
      point,
      ['transformerDescribed', { pointId, ratedVolts: 8, ratedVa: 8 }],
    ],
  },
  {
    title: 'Marram View',
    lines: [['siteDescribed', { name: 'Marram View', address: 'Dune Road 40', region: 'na-120' }], point],
  },
];

/** A line of a demo job as an ordinary entry. */
export const demoEntry = ([kind, data]: Line, id: string, at: string, by: Person): NewEntry =>
  ({ id, at, by, kind, data }) as NewEntry;
