/** A host that there is none of. */
const BASE = 'https://own.invalid';

/**
 * An address of this program, as a browser will understand it: nobody is led elsewhere by signing in.
 * @param instead where it leads elsewhere, or nowhere
 */
export function ownPath(to: unknown, instead: string): string {
  if (typeof to !== 'string' || !URL.canParse(to, BASE)) return instead;
  const { origin, pathname, search } = new URL(to, BASE);
  // What a browser reads as another host, with whatever tricks it was written, is one here too
  return origin === BASE && !pathname.startsWith('//') ? `${pathname}${search}` : instead;
}
