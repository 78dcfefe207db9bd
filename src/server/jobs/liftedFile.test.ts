import { afterAll, describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { liftFile, Runs } from './liftedFile';

const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-lifted-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const place = path.join(folder, 'file.json');
const MIB = 1024 * 1024;

/** What a file holds, read by lifting: every attachment's content put back. */
async function read(
  text: string,
  mostBytes = MIB,
): Promise<{ readonly left: unknown; readonly bytes: readonly (Buffer | null)[] }> {
  writeFileSync(place, text);
  const lifted = await liftFile(place, mostBytes);
  const left = JSON.parse(lifted.text.toString()) as { readonly attachments?: readonly { readonly base64: string }[] };
  const runs = await Runs.of(place, lifted);
  const bytes: (Buffer | null)[] = [];
  for (const { base64 } of left.attachments ?? []) bytes.push(await runs.bytesOf(base64));
  await runs.close();
  return { left, bytes };
}

describe('a job file without its photos', () => {
  it('has a number in each photo’s place, which brings its bytes', async () => {
    const photos = [Buffer.alloc(700_000, 1), Buffer.from('small'), Buffer.alloc(0)];
    const file = { title: 'Tern', attachments: photos.map((one) => ({ base64: one.toString('base64') })), last: 3 };
    const { left, bytes } = await read(JSON.stringify(file));
    expect(left).toEqual({ title: 'Tern', attachments: [{ base64: '0' }, { base64: '1' }, { base64: '2' }], last: 3 });
    expect(bytes.map((one) => one?.equals(photos.shift() ?? Buffer.alloc(1)))).toEqual([true, true, true]);
  });
  it('takes the key for one only where it is one', async () => {
    const tricky = { note: 'she wrote "base64":"AAAA" on it', base64: 7, 'x"base64': 'no', list: ['base64', ':', '"'] };
    expect((await read(JSON.stringify(tricky))).left).toEqual(tricky);
    const spaced = '{ "attachments" : [ { "base64" \n\t : \r "QUJD" } ] }';
    expect((await read(spaced)).bytes).toEqual([Buffer.from('ABC')]);
  });
  it('is as it would be parsed whole, wherever its pieces are cut', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.uint8Array({ maxLength: 60 }), { maxLength: 4 }),
        fc.string({ maxLength: 40, unit: 'binary' }),
        fc.nat(40),
        async (photos, words, blanks) => {
          // About a quarter of a megabyte before it: the key falls on the end of a piece
          const before = ' '.repeat(262_144 - blanks);
          const file = { words, attachments: photos.map((one) => ({ base64: Buffer.from(one).toString('base64') })) };
          const { left, bytes } = await read(`${before}${JSON.stringify(file)}`);
          expect(left).toEqual({ ...file, attachments: photos.map((_, i) => ({ base64: String(i) })) });
          expect(bytes.map((one) => one && [...one])).toEqual(photos.map((one) => [...one]));
        },
      ),
      { numRuns: 60, seed: 11 },
    );
  });
  it('knows what is no base64, and what is too much', async () => {
    expect((await read('{"attachments":[{"base64":"not base64!"}]}')).bytes).toEqual([null]);
    await expect(read(JSON.stringify({ entries: 'x'.repeat(5000) }), 4000)).rejects.toMatchObject({ status: 413 });
    // The photos themselves are not counted
    expect((await read(`{"attachments":[{"base64":"${'A'.repeat(8000)}"}]}`, 4000)).bytes[0]).toHaveLength(6000);
  });
});
