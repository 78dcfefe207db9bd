// Whether the server has said that nobody is signed in here, since the page was opened.

let isSignedOut = false;
const listeners = new Set<() => void>();

export function tellSignedOut(): void {
  isSignedOut = true;
  for (const listener of listeners) listener();
}

export const onSignedOut = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

export const signedOutNow = (): boolean => isSignedOut;
