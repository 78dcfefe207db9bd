/** What a browser says of the line to the network, where it says anything. */
interface Line {
  readonly type?: string;
  readonly saveData?: boolean;
}

const KEY = 'fox-ladder-photos-metered';

/** Whether each byte of this line is counted, as far as the browser tells. */
export function isMetered(): boolean {
  const { connection } = navigator as Partial<{ readonly connection: Line }>;
  return connection?.saveData === true || connection?.type === 'cellular';
}

/** Whether photos go on such a line too: the device’s owner has said so. */
export const goMetered = (): boolean => localStorage.getItem(KEY) === 'go';

export function setGoMetered(go: boolean): void {
  if (go) localStorage.setItem(KEY, 'go');
  else localStorage.removeItem(KEY);
}

/** Whether photos wait for another line. */
export const isHeldBack = (): boolean => isMetered() && !goMetered();
