/** @vitest-environment jsdom */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { openDB } from 'idb';
import type { Entry } from '@/core/kinds';
import { shelf } from '@/ui/log/shelfStore';
import { emptyShelf } from '../emptyShelf';
import { setGoMetered } from '@/ui/photo/line';
import { keepWaiting, photosThatWait, signPhotos } from '@/ui/photo/photoQueue';
import { sendPhotos } from '@/ui/photo/photoSender';
import { TOMAS, Written, answering, close, fakeServer, openJob, pathOf, standIns } from './onScreen';

const PHOTO = { photoId: '00000000-0000-7000-8000-0000000000aa' };
const SHA = 'a'.repeat(64);
const begun = () =>
  new Written()
    .write('siteDescribed', { name: 'Siskin House', region: 'na-120' })
    .write('pointAdded', { pointId: 'front', pointKind: 'doorbell', name: 'Front door', supplyId: 's', chimeId: 'c' });
const withPhoto = () =>
  begun()
    .write('photoAttached', { ...PHOTO, sha256: SHA, widthPx: 400, heightPx: 300 })
    .write('photoDescribed', { ...PHOTO, rung: 'look', pointOf: 'front' });
const file = (name: string, bytes = 100) => new File([new Uint8Array(bytes)], name, { type: 'image/jpeg' });
const input = (): HTMLInputElement => screen.getByTestId('photo-input');

/** Answers pictures as it is told, and the rest as the server does. */
function answerPhotos(answer: () => ReturnType<typeof answering>): string[] {
  const others = globalThis.fetch;
  const sent: string[] = [];
  globalThis.fetch = (to, init) => {
    if (!/\/photos$/.test(pathOf(to))) return others(to, init);
    sent.push(pathOf(to));
    return Promise.resolve(answer() as Response);
  };
  return sent;
}
const taken = () => answering({ sha256: SHA, mediaType: 'image/jpeg', widthPx: 400, heightPx: 300, bytes: 100 });
const photosAt = (entries: readonly Entry[]) => openJob(entries, { rung: 'look', area: 'photos' });

beforeEach(() => emptyShelf(['photos']));
afterEach(close);

describe('a photo', () => {
  // First of all: what a browser holds from before is brought over when pictures are asked for
  it('that waited in a browser from before is sent, and waits there no more', async () => {
    standIns();
    // The number that its library gave to the first one
    const old = await openDB('fox-ladder-photos', 10, {
      upgrade: (db) => void db.createObjectStore('waiting'),
    });
    const waits = { id: 'p1', jobId: 'job', file: file('old.jpg'), name: 'old.jpg', rung: 'look', pointId: 'front' };
    await old.put('waiting', { ...waits, at: '2026-03-04T09:00:00Z' }, 'p1');
    old.close();
    const { ready, written } = photosAt(begun().entries);
    answerPhotos(taken);
    await ready();
    await waitFor(() => expect(written()).toHaveLength(2));
    await waitFor(async () =>
      expect((await indexedDB.databases()).map(({ name }) => name)).not.toContain('fox-ladder-photos'),
    );
  });
  it('is kept here first, sent, and named by two entries: what it is, and where it belongs', async () => {
    const { ready, written } = photosAt(begun().entries);
    await ready();
    const sent = answerPhotos(taken);
    fireEvent.change(input(), { target: { files: [file('door.jpg')] } });
    await waitFor(() => expect(written()).toHaveLength(2));
    expect(sent).toHaveLength(1);
    expect(written().map(({ kind }) => kind)).toEqual(['photoAttached', 'photoDescribed']);
    expect(written()[0]?.data).toMatchObject({ sha256: SHA, widthPx: 400 });
    expect(written()[1]?.data).toMatchObject({ rung: 'look', pointOf: 'front' });
    await waitFor(() => expect(screen.queryByText(/on its way to the server/)).toBeNull());
  });
  it('waits while the server is away, and outlives the page', async () => {
    const first = photosAt(begun().entries);
    await first.ready();
    answerPhotos(() => {
      throw new TypeError('fetch failed');
    });
    fireEvent.change(input(), { target: { files: [file('board.jpg')] } });
    await screen.findByText(/^board.jpg: kept here, on its way/);
    first.unmount();
    const again = photosAt(begun().entries);
    await again.ready();
    answerPhotos(taken);
    await waitFor(() => expect(again.written()).toHaveLength(2));
  });
  it('that the server refuses says why, holds no other up, and can be dropped', async () => {
    const { user, ready, written } = photosAt(begun().entries);
    await ready();
    let first = true;
    answerPhotos(() => {
      const answer = first
        ? answering({ title: 'No', status: 422, detail: 'This is no picture.', errors: [] }, 422)
        : taken();
      first = false;
      return answer;
    });
    fireEvent.change(input(), { target: { files: [file('notes.txt'), file('hole.jpg')] } });
    const told = await screen.findByText(/^notes.txt: This is no picture/);
    await waitFor(() => expect(written()).toHaveLength(2));
    await user.click(within(told).getByRole('button', { name: 'drop it' }));
    await waitFor(() => expect(screen.queryByText(/notes.txt/)).toBeNull());
  });
  it('of over 40 MB is refused before a byte is sent', async () => {
    const { ready } = photosAt(begun().entries);
    await ready();
    const sent = answerPhotos(taken);
    const large = file('film.jpg');
    Object.defineProperty(large, 'size', { value: 41 * 1024 * 1024 });
    fireEvent.change(input(), { target: { files: [large] } });
    expect((await screen.findByRole('alert')).textContent).toBe(
      '“film.jpg” is 41 MB; up to 40 MB can be taken. It was not kept.',
    );
    expect(sent).toEqual([]);
  });
});

describe('a photo whose job is not open', () => {
  const TAKEN = '2026-03-04T09:12:00.000Z';
  const waits = (by?: { id: string; name: string }) =>
    keepWaiting({
      id: PHOTO.photoId,
      jobId: 'job',
      file: file('cellar.jpg'),
      name: 'cellar.jpg',
      rung: 'wire',
      pointId: 'front',
      at: TAKEN,
      ...(by ? { by } : {}),
    });
  const onLine = (line: object | undefined) =>
    Object.defineProperty(navigator, 'connection', { value: line, configurable: true });
  const begin = () => {
    standIns();
    const server = fakeServer([...begun().entries]);
    const known = server.log.length;
    return { sent: answerPhotos(taken), written: () => server.log.slice(known) };
  };
  afterEach(() => {
    onLine(undefined);
    setGoMetered(false);
  });

  it('goes from any page, in the name of who took it and as of when', async () => {
    const { sent, written } = begin();
    await waits(TOMAS);
    await sendPhotos();
    await waitFor(() => expect(written()).toHaveLength(2));
    expect(sent).toHaveLength(1);
    for (const { at, by } of written()) expect([at, by]).toEqual([TAKEN, TOMAS]);
    expect(written()[1]?.data).toMatchObject({ rung: 'wire', pointOf: 'front' });
    expect(await photosThatWait()).toEqual([]);
    await sendPhotos();
    expect(sent).toHaveLength(1);
  });
  it('waits until somebody has said who took it', async () => {
    const { sent } = begin();
    await waits();
    await sendPhotos();
    expect(sent).toEqual([]);
    await signPhotos('job', TOMAS);
    await sendPhotos();
    expect(sent).toHaveLength(1);
  });
  it('whose browser was killed between its sending and its naming is sent again, and named once', async () => {
    const { sent, written } = begin();
    await waits(TOMAS);
    const [photo] = await photosThatWait();
    if (!photo) throw new Error('it does not wait');
    await sendPhotos();
    await waitFor(() => expect(written()).toHaveLength(2));
    const [attachedId = '', describedId = ''] = written().map(({ id }) => id);
    // As the shelf stands where the browser went before the picture was let go
    await keepWaiting({ ...photo, named: { attachedId, describedId, seen: written()[0]?.seen ?? 0 } });
    await sendPhotos();
    expect(sent).toHaveLength(2);
    expect(await photosThatWait()).toEqual([]);
    await waitFor(async () => expect(await (await shelf()).count('waiting')).toBe(0));
    expect(written().map(({ id }) => id)).toEqual([attachedId, describedId]);
    // And as it stands where that was before they were written
    const named = {
      attachedId: `${attachedId.slice(0, -4)}beef`,
      describedId: `${describedId.slice(0, -4)}cafe`,
      seen: 1,
    };
    await keepWaiting({ ...photo, id: `${photo.id.slice(0, -4)}0bad`, named });
    await sendPhotos();
    await waitFor(() =>
      expect(
        written()
          .slice(2)
          .map(({ id }) => id),
      ).toEqual([named.attachedId, named.describedId]),
    );
  });
  it('waits for another line where each byte is counted, unless its owner says otherwise', async () => {
    const { sent } = begin();
    await waits(TOMAS);
    onLine({ type: 'cellular' });
    await sendPhotos();
    expect(sent).toEqual([]);
    expect(await photosThatWait()).toHaveLength(1);
    setGoMetered(true);
    await sendPhotos();
    expect(sent).toHaveLength(1);
  });
});

describe('a photo that stands', () => {
  it('says what it shows, where it belongs, and whether it was a trial', async () => {
    const { user, ready, kept, written } = photosAt(withPhoto().entries);
    await ready();
    const card = within(screen.getByTestId('photo'));
    await user.type(card.getByLabelText('what it shows'), 'the old button{Enter}');
    await kept();
    await user.selectOptions(card.getByLabelText('pinned to'), 'Wire');
    await kept();
    await user.selectOptions(card.getByLabelText('terminal'), 'Front');
    await kept();
    await user.click(card.getByLabelText(/^trial picture/));
    await kept();
    expect(written().map(({ data }) => data)).toEqual([
      { ...PHOTO, caption: 'the old button' },
      { ...PHOTO, rung: 'wire' },
      { ...PHOTO, terminal: 'Front' },
      { ...PHOTO, trial: true },
    ]);
  });
  it('is taken away, and the picture itself stays in the log', async () => {
    const { user, ready, kept, written, job } = photosAt(withPhoto().entries);
    await ready();
    await user.click(screen.getByRole('button', { name: 'take away' }));
    await kept();
    expect(written()[0]?.data).toEqual({ ...PHOTO, gone: true });
    expect(job().photos).toEqual([]);
    await waitFor(() => expect(screen.queryByTestId('photo')).toBeNull());
  });
  it('shows its marks by shares of its size', async () => {
    const log = withPhoto().write('photoDescribed', {
      ...PHOTO,
      marks: [{ shape: 'circle', fromX: 0.5, fromY: 0.5, toX: 0.6, toY: 0.5 }],
    });
    const { ready } = photosAt(log.entries);
    await ready();
    const circle = document.querySelector('[data-testid=photo] .over circle');
    expect(Number(circle?.getAttribute('cx'))).toBeCloseTo(200);
    expect(Number(circle?.getAttribute('cy'))).toBeCloseTo(150);
    expect(Number(circle?.getAttribute('r'))).toBeCloseTo(40);
  });
});
