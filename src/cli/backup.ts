import path from 'node:path';
import { backUp } from '@/server/backup';
import { systemClock } from '@/server/clock';
import { dataFolder } from '@/server/store';

// npm run backup -- FOLDER [how many sets are kept]: while the program runs, or not.
const KEPT = 14;

const [folder, keep = String(KEPT)] = process.argv.slice(2);
if (!folder) throw new Error('Where to? npm run backup -- FOLDER [how many are kept]');
const kept = Number(keep);
if (!Number.isInteger(kept) || kept < 1) throw new Error(`“${keep}” is no number of backups to keep: 1 or more.`);
const { name, jobs, entries, files } = await backUp(dataFolder(), path.resolve(folder), kept, systemClock.now());
console.log(
  `${name}: ${jobs} jobs, ${entries} entries, ${files} files, copied and checked. The last ${kept} are kept.`,
);
