import { sameName } from '@/contract/accounts';
import { listAccounts } from '@/server/accounts/accounts';
import { audit } from '@/server/accounts/audit';
import { makeCode } from '@/server/accounts/codes';
import { dataFolder, openStore } from '@/server/store';

// npm run code -- NAME: a code by which an account gets another passphrase, and loses its passkeys. For whoever is at the
// machine, where nobody of the office can sign in any more. The program may run meanwhile.
const name = process.argv.slice(2).join(' ').trim();
if (name === '') throw new Error('Whose account? npm run code -- NAME');
const store = await openStore(dataFolder());
const accounts = await listAccounts(store);
const account = accounts.find((one) => sameName(one.name) === sameName(name));
if (!account)
  throw new Error(`There is no account of that name. There are: ${accounts.map((one) => one.name).join(', ')}`);
const { code } = await makeCode(store, 'account', account.id);
await audit(store, 'codeMade', account, 'at the machine itself');
console.log(`${account.name}: at /sign-in, “Code of a new account”, within two days: ${code}`);
await store.db.destroy();
