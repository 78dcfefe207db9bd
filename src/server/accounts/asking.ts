import type { Account } from '@/contract/accounts';

/** Who asks, and by which session. */
export interface Asking {
  readonly account: Account;
  readonly sessionId: string;
}
