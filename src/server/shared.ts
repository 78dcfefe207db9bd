/** What there is once in a process. Next bundles each route by itself: what all of them share lives beside the modules. */
const SHARED = Symbol.for('fox-ladder');

interface Holder {
  [SHARED]?: Map<string, unknown>;
}

/** The one thing of a name in this process. @param make makes it when it is asked for first */
export function shared<T>(name: string, make: () => T): T {
  const all = ((globalThis as Holder)[SHARED] ??= new Map());
  if (!all.has(name)) all.set(name, make());
  return all.get(name) as T;
}
