import { entriesAndPhotos } from './amounts';

/** What waits on a device for the firm. */
export const outbox = {
  outbox: 'Outbox',
  nothingWaits: 'Nothing waits: all that was written here is kept with the firm.',
  waits: ({ count, photos }: { readonly count: number; readonly photos: number }) =>
    `${entriesAndPhotos(count, photos)} ${count + photos === 1 ? 'waits' : 'wait'}`,
  waitsShort: ({ count }: { readonly count: number }) => (count === 1 ? '1 waits' : `${count} wait`),
  sendNow: 'Send now',
  handOver: 'Hand over as a file',
  takeIn: 'Take in a file',
  why: 'What waits is kept on this device and goes by itself as soon as the firm’s server answers. A file carries it to another device where none can be had; what arrives twice counts once.',
  fileName: ({ day, part, parts }: { readonly day: string; readonly part: number; readonly parts: number }) =>
    parts === 1 ? `outbox ${day}.json` : `outbox ${day}, ${part} of ${parts}.json`,
  taken: ({ count, photos }: { readonly count: number; readonly photos: number }) =>
    `${entriesAndPhotos(count, photos)} taken in. ${count + photos === 1 ? 'It goes' : 'They go'} from here now.`,
  handed: ({ files, unsigned }: { readonly files: number; readonly unsigned: number }) => {
    if (files === 0) return `Nothing was saved: nobody has said who took ${entriesAndPhotos(0, unsigned)}.`;
    const saved = files === 1 ? 'Saved as a file.' : `Saved as ${files} files: all of them belong together.`;
    return unsigned === 0 ? saved : `${saved} Nobody has said who took ${entriesAndPhotos(0, unsigned)}: not in it.`;
  },
  unsigned: ({ count }: { readonly count: number }) =>
    `${entriesAndPhotos(0, count)} ${count === 1 ? 'stays' : 'stay'} here until somebody says who took ${count === 1 ? 'it' : 'them'}:`,
  unreadable: 'This file is cut off or can’t be read. Nothing was taken in.',
  another: 'This is no outbox of this program. Nothing was taken in.',
  newer: 'A newer version of the program made this file. Nothing was taken in.',
  someJob: 'A job that was not opened here',
  since: 'since',
  what: 'what',
  by: 'by',
  size: 'size',
  refused: ({ why }: { readonly why: string }) => `The firm’s server did not take it: ${why}`,
  photos: 'Photos',
  photosWait: ({ count, size }: { readonly count: number; readonly size: string }) =>
    count === 1 ? `1 photo waits, ${size}.` : `${count} photos wait, ${size}.`,
  photosLater: 'They go by themselves, from whatever page is open.',
  photosHeld: 'This line is metered: they wait for another one.',
  goMetered: 'Send photos on a metered line too',
  thisDevice: 'This device',
  ahead: ({ jobs, at }: { readonly jobs: number; readonly at: string }) =>
    `Ready for a place without signal: the program and ${jobs} open ${jobs === 1 ? 'job is' : 'jobs are'} on this device, as of ${at}.`,
  notAheadYet: 'Not all is on this device yet. Leave a page open while the firm’s server answers.',
  keepsNoPages: 'This browser can’t keep the program: each page needs the firm’s server.',
  room: ({ used, all }: { readonly used: string; readonly all: string }) => `${used} of ${all} are taken up here.`,
  nearlyFull: 'Nearly full: hand the outbox over, or free some room.',
  lasts: 'The browser promised to keep it.',
  mayGo: 'The browser may clear it away when room is short.',
  askToKeep: 'Ask it to keep it',
  notGranted: 'It did not promise: hand over what must not be lost.',
};
