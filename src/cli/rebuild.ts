import { openDatabase } from '@/server/db/open';
import { rebuildProjections } from '@/server/projection/rebuild';
import { dataFolder } from '@/server/store';

// Makes all projections anew from the log.
const db = await openDatabase(dataFolder());
console.log(`${await rebuildProjections(db)} jobs rebuilt`);
await db.destroy();
