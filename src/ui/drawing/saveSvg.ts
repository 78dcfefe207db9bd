/** What of an element’s look has to go along with it: the page’s styles stay behind. */
const KEPT = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'opacity',
  'paint-order',
] as const;

/** Text of a drawing on the page as an SVG file of its own, its look written into every element. */
export function svgText(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  const [from, to] = [drawn, copy].map((one) => [one, ...one.querySelectorAll('*')]);
  from?.forEach((element, i) => {
    const twin = to?.[i];
    if (!twin) return;
    const look = getComputedStyle(element);
    for (const name of KEPT) twin.setAttribute(name, look.getPropertyValue(name));
    for (const name of ['class', 'role', 'tabindex', 'aria-pressed', 'aria-label']) twin.removeAttribute(name);
  });
  copy.querySelectorAll('[stroke="rgba(0, 0, 0, 0)"]').forEach((hit) => hit.remove());
  return new XMLSerializer().serializeToString(copy);
}

/** Saves a drawing as a file. */
export function saveSvg(id: string, name: string): void {
  const drawn = document.getElementById(id);
  if (!(drawn instanceof SVGSVGElement)) return;
  const address = URL.createObjectURL(new Blob([svgText(drawn)], { type: 'image/svg+xml' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = `${name.replace(/[^\p{L}\p{N} -]/gu, '')}.svg`;
  link.click();
  URL.revokeObjectURL(address);
}
