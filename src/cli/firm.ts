import { createReadStream, createWriteStream } from 'node:fs';
import { rename } from 'node:fs/promises';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { firmArchive } from '@/server/firm/firmArchive';
import { takeFirm } from '@/server/firm/takeFirm';
import { servedBy } from '@/server/running';
import { dataFolder, openStore } from '@/server/store';

// npm run firm -- out FILE: while the program runs, or not. npm run firm -- in FILE: the program must not run meanwhile.
const [way, file] = process.argv.slice(2);
if ((way !== 'out' && way !== 'in') || !file) throw new Error('npm run firm -- out FILE, or npm run firm -- in FILE');
const place = path.resolve(file);
if (way === 'in' && servedBy(dataFolder()) !== null)
  throw new Error('The program runs on these data: stop it first, or take the archive in under Settings.');
const store = await openStore(dataFolder());
if (way === 'out') {
  await pipeline(firmArchive(store), createWriteStream(`${place}.part`, { mode: 0o600 }));
  await rename(`${place}.part`, place);
  console.log(`The whole firm lies in ${place}. Whoever has it can read all of it.`);
} else {
  const { made, grown, same, people, items, leftOut } = await takeFirm(store, createReadStream(place));
  console.log(
    `${made} jobs are new, ${grown} have grown, ${same} were here; ${people} people, ${items} items are new.`,
  );
  for (const { name, why } of leftOut) console.error(`left out: ${name}: ${why}`);
}
await store.db.destroy();
