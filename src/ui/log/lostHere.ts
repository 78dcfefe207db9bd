import { v7 } from 'uuid';
import { nowIso } from './clock';
import { change, put, shelf } from './shelfStore';

/** What waited on a shelf that the browser threw away. */
export interface Lost {
  readonly count: number;
  readonly photos: number;
  /** Since when the oldest of it had waited. */
  readonly since: string;
}

// A browser that runs short of room throws its shelf away whole, and whatever would say so with it. A cookie goes by other
// rules: it says which shelf it was and how much waited on it.
const COOKIE = 'fox-ladder-waits';
/** Browsers keep none for longer. */
const LASTS_SECONDS = 400 * 86_400;

interface Noted extends Lost {
  readonly shelf: string;
}

function noted(): Noted | null {
  const found = new RegExp(`(?:^|; )${COOKIE}=([\\w-]+)~(\\d+)~([\\w:.-]+?)(?:~(\\d+))?(?:;|$)`).exec(document.cookie);
  const [, id = '', count = '', since = '', photos = '0'] = found ?? [];
  if (id === '' || Number.isNaN(Date.parse(since))) return null;
  return { shelf: id, count: Number(count), photos: Number(photos), since };
}

function note({ shelf: id, count, photos, since }: Noted): void {
  const secure = location.protocol === 'https:' ? '; secure' : '';
  document.cookie = `${COOKIE}=${id}~${count}~${since}~${photos}; path=/; max-age=${LASTS_SECONDS}; samesite=strict${secure}`;
}

/** Which shelf this is: it is named when it is first looked at. */
async function named(): Promise<string> {
  const known = (await (await shelf()).get('about', 'shelf'))?.value;
  if (typeof known === 'string') return known;
  let value: unknown = v7();
  await change(['about'], null, async (on) => {
    // Another tab may have named it meanwhile
    const { value: named } = (await on.objectStore('about').get('shelf')) ?? {};
    if (typeof named === 'string') value = named;
    else await on.objectStore('about').put({ name: 'shelf', value });
  });
  return String(value);
}

/**
 * Notes how many entries and photos wait, and finds out whether another shelf stood here on which some did.
 * @returns what is lost and was not read yet; null: nothing
 */
export async function lostHere(waiting: number, waitingPhotos: number): Promise<Lost | null> {
  const id = await named();
  const before = noted();
  const waited = before !== null && before.count + before.photos > 0;
  if (waited && before.shelf !== id) {
    const { count, photos, since } = before;
    await put('about', null, { name: 'lost', value: { count, photos, since } });
  }
  const since = waited && before.shelf === id ? before.since : nowIso();
  note({ shelf: id, count: waiting, photos: waitingPhotos, since });
  const lost = (await (await shelf()).get('about', 'lost'))?.value as
    | (Omit<Lost, 'photos'> & Partial<Lost>)
    | undefined;
  return lost ? { photos: 0, ...lost } : null;
}

/** What was lost has been read. */
export const readLost = (): Promise<void> => change(['about'], null, (on) => on.objectStore('about').delete('lost'));
