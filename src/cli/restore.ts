import path from 'node:path';
import { restore } from '@/server/backup';
import { systemClock } from '@/server/clock';
import { dataFolder } from '@/server/store';

// npm run restore -- FOLDER [set]: the program must not run meanwhile.
const [folder, name] = process.argv.slice(2);
if (!folder) throw new Error('From where? npm run restore -- FOLDER [set]');
const { set, aside } = await restore(dataFolder(), path.resolve(folder), name ?? null, systemClock.now());
console.log(`Put back ${set.name}: ${set.jobs} jobs, ${set.entries} entries, ${set.files} files.`);
if (aside) console.log(`What was there lies at ${aside}.`);
