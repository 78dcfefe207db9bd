import {
  Circle,
  ClipPath,
  Defs,
  Ellipse,
  G,
  Line,
  Path,
  Polygon,
  Polyline,
  Rect,
  Svg,
  Text,
  Tspan,
} from '@react-pdf/renderer';
import { isTag, isText, type Element } from 'domhandler';
import { createElement, type ComponentType, type ReactElement, type ReactNode } from 'react';
import { legible, MONO_FACE, TEXT_FACE } from './faces';
import { declared, inked, inkOf } from './ink';

// A drawing of the screen on paper: its elements as they are, each painted by the style sheets, as lines and letters.

/** How something is painted, as it is handed down to what lies inside. */
type Paint = Readonly<Record<string, string>>;
/** Not handed down: it goes for an element as a whole. */
const OWN = new Set(['opacity', 'clip-path', 'transform']);
const START: Paint = { fill: '#000000', 'font-size': '14', 'font-weight': '400' };

/** The document’s own elements by the names of a drawing’s; each takes what is written on it. */
const SHAPES = {
  circle: Circle,
  ellipse: Ellipse,
  g: G,
  line: Line,
  path: Path,
  polygon: Polygon,
  polyline: Polyline,
  rect: Rect,
} as unknown as Readonly<Record<string, ComponentType<Record<string, unknown>>>>;

const camel = (name: string): string => name.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase());

/** Attributes that say where and how large something is. */
const PLACES = new Set(
  'x y x1 y1 x2 y2 cx cy r rx ry width height d points transform id clip-path text-anchor'.split(' '),
);
const PAINTED = new Set(
  'fill fill-opacity stroke stroke-width stroke-opacity stroke-dasharray stroke-linecap stroke-linejoin opacity fill-rule'.split(
    ' ',
  ),
);
const LETTERED = new Set(['font-size', 'font-weight', 'font-family', 'text-anchor', 'paint-order']);

/** What the document’s language of colour can’t read: a colour with its share of cover. */
const COVERED = /^rgb\((\d+) (\d+) (\d+) \/ ([\d.]+)%\)$/;

function plain(paint: Paint): Paint {
  const made: Record<string, string> = { ...paint };
  for (const which of ['fill', 'stroke'] as const) {
    const covered = COVERED.exec(made[which] ?? '');
    if (covered) {
      made[which] = `#${covered
        .slice(1, 4)
        .map((part) => Number(part).toString(16).padStart(2, '0'))
        .join('')}`;
      made[`${which}-opacity`] = String(Number(covered[4]) / 100);
    }
    if (made[which] === 'transparent') made[which] = 'none';
  }
  if (made['stroke-dasharray'] === 'none') delete made['stroke-dasharray'];
  return made;
}

/** How an element is painted: by what it lies in, by its attributes, by the style sheets. */
function paintOf(node: Element, from: Paint): Paint {
  const handed = Object.fromEntries(Object.entries(from).filter(([name]) => !OWN.has(name)));
  const own = Object.fromEntries(
    Object.entries(node.attribs)
      .filter(([name]) => PAINTED.has(name) || LETTERED.has(name))
      .map(([name, value]) => [name, inked(value)]),
  );
  const styles = Object.fromEntries(
    Object.entries(declared(node.attribs.style ?? '')).filter(([name]) => PAINTED.has(name) || LETTERED.has(name)),
  );
  return plain({ ...handed, ...own, ...inkOf(node), ...styles });
}

function placed(node: Element): Record<string, string> {
  return Object.fromEntries(
    Object.entries(node.attribs)
      .filter(([name]) => PLACES.has(name))
      .map(([name, value]) => [camel(name), value]),
  );
}

const painted = (paint: Paint): Record<string, string> =>
  Object.fromEntries(
    Object.entries(paint)
      .filter(([name]) => PAINTED.has(name))
      .map(([name, value]) => [camel(name), value]),
  );

const isMono = (paint: Paint): boolean => (paint['font-family'] ?? '').includes('Mono');

/** Letters of a line, in runs that look alike. */
function runs(node: Element, paint: Paint): ReactNode[] {
  return node.children.flatMap((child, i): ReactNode[] => {
    if (isText(child)) return child.data ? [legible(child.data)] : [];
    if (!isTag(child)) return [];
    const inner = paintOf(child, paint);
    return [
      <Tspan
        key={i}
        {...placed(child)}
        fill={inner.fill ?? '#000'}
        // Its types know no style, the typesetter does
        {...{
          style: { fontWeight: Number(inner['font-weight'] ?? 400), fontFamily: isMono(inner) ? MONO_FACE : TEXT_FACE },
        }}
      >
        {runs(child, inner)}
      </Tspan>,
    ];
  });
}

/** Size of letters, in units of the drawing. */
const sizeOf = (paint: Paint): number => Number.parseFloat(paint['font-size'] ?? '') || 14;
/** Mean width of a letter over its height; of the other typeface each one’s. */
const LETTER = 0.54;
const MONO_LETTER = 0.6;

/** How wide a line of letters is, about, in units of the drawing: run by run. */
const widthOf = (node: Element, paint: Paint): number =>
  node.children.reduce((sum, child) => {
    if (isText(child)) return sum + child.data.length * sizeOf(paint) * (isMono(paint) ? MONO_LETTER : LETTER);
    return isTag(child) ? sum + widthOf(child, paintOf(child, paint)) : sum;
  }, 0);

/** A line of letters; one that has a halo lies on a ground of its own: letters have no edges here. */
function letters(node: Element, paint: Paint, key: string): ReactElement {
  const anchor = node.attribs['text-anchor'] ?? paint['text-anchor'] ?? 'start';
  const { x = '0', y = '0', transform } = node.attribs;
  const size = sizeOf(paint);
  const width = widthOf(node, paint);
  const left = Number(x) - (anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0);
  // The typesetter anchors a line by its first run alone: one of several begins where all of it fits
  const isSet = anchor !== 'start' && node.children.some((one) => isTag(one) && one.attribs.x === undefined);
  const turned = transform ? { transform } : {};
  return (
    <G key={key}>
      {paint['paint-order'] === 'stroke' && (
        <Rect
          x={left}
          y={Number(y) - 0.8 * size}
          width={width}
          height={size}
          fill={paint.stroke ?? '#ffffff'}
          fillOpacity={0.8}
          {...turned}
        />
      )}
      <Text
        x={isSet ? left : Number(x)}
        y={Number(y)}
        {...turned}
        textAnchor={isSet ? 'start' : (anchor as 'start' | 'middle' | 'end')}
        // Its types know no colour of letters, the typesetter does
        {...{ fill: paint.fill ?? '#000000' }}
        style={{
          fontSize: size,
          fontWeight: Number(paint['font-weight'] ?? 400),
          fontFamily: isMono(paint) ? MONO_FACE : TEXT_FACE,
        }}
      >
        {runs(node, paint)}
      </Text>
    </G>
  );
}

/** Lines at the distance and the slope of a pattern, over all of a drawing: what is hatched is cut out of them. */
function hatching(
  pattern: Element,
  clip: string,
  [left, top, width, height]: readonly number[],
  paint: Paint,
): ReactElement {
  const gap = Number(pattern.attribs.width ?? 8);
  const [x = 0, y = 0, w = 0, h = 0] = [left, top, width, height];
  const inside = pattern.children.find(isTag);
  const ink = inside ? paintOf(inside, paint) : paint;
  const step = gap * Math.SQRT2;
  const lines: string[] = [];
  for (let at = x - h; at < x + w; at += step) lines.push(`M${at.toFixed(1)} ${y + h}L${(at + h).toFixed(1)} ${y}`);
  return (
    <G clipPath={`url(#${clip})`} key="hatch">
      <Path d={lines.join('')} {...(painted({ ...ink, fill: 'none' }) as object)} />
    </G>
  );
}

interface Sheet {
  readonly box: readonly number[];
  readonly patterns: ReadonlyMap<string, Element>;
  /** What cuts, as it is met: the document’s language wants it before everything else. */
  readonly clips: ReactElement[];
}

function drawn(node: Element, from: Paint, sheet: Sheet, key: string): ReactNode {
  const paint = paintOf(node, from);
  if (node.name === 'text') return letters(node, paint, key);
  const inside = () => node.children.filter(isTag).map((child, i) => drawn(child, paint, sheet, `${key} ${i}`));
  if (node.name === 'clipPath') {
    sheet.clips.push(
      <ClipPath key={node.attribs.id} id={node.attribs.id ?? ''}>
        {inside()}
      </ClipPath>,
    );
    return null;
  }
  if (node.name === 'defs') {
    // What cuts is put aside; nothing of it is seen by itself
    void inside();
    return null;
  }
  const shape = SHAPES[node.name];
  if (!shape) return null;
  if (node.name === 'g')
    return createElement(
      shape,
      { key, ...placed(node), ...(paint.opacity === undefined ? {} : { opacity: paint.opacity }) },
      inside(),
    );
  const pattern = sheet.patterns.get(/^url\(#([^)]+)\)$/.exec(paint.fill ?? '')?.[1] ?? '');
  const one = (props: Paint, name: string) => createElement(shape, { key: name, ...placed(node), ...painted(props) });
  if (!pattern) return one(paint, key);
  const clip = `hatched-${sheet.clips.length}`;
  sheet.clips.push(
    <ClipPath key={clip} id={clip}>
      {one({ fill: '#000000' }, 'clip')}
    </ClipPath>,
  );
  return (
    <G key={key}>
      {hatching(pattern, clip, sheet.box, paint)}
      {one({ ...paint, fill: 'none' }, 'outline')}
    </G>
  );
}

/** The sides of a drawing’s own paper, in its own units. */
const boxOf = (svg: Element): readonly number[] => {
  const box = (svg.attribs.viewBox ?? '').split(/[\s,]+/).map(Number);
  return box.length === 4 && box.every(Number.isFinite)
    ? box
    : [0, 0, Number(svg.attribs.width ?? 100), Number(svg.attribs.height ?? 100)];
};

/** How high a drawing is over its width. */
export const shapeOf = (svg: Element): number => {
  const [, , width = 1, height = 1] = boxOf(svg);
  return height / width;
};

/** A drawing as lines of a document, so wide on it. */
export function Drawing({ svg, widthPt }: { readonly svg: Element; readonly widthPt: number }) {
  const box = boxOf(svg);
  const patterns = new Map<string, Element>();
  const look = (node: Element): void => {
    if (node.name === 'pattern' && node.attribs.id) patterns.set(node.attribs.id, node);
    node.children.filter(isTag).forEach(look);
  };
  look(svg);
  const paint = paintOf(svg, START);
  const sheet: Sheet = { box, patterns, clips: [] };
  const parts = svg.children.filter(isTag).map((child, i) => drawn(child, paint, sheet, String(i)));
  return (
    <Svg viewBox={box.join(' ')} style={{ width: widthPt, height: widthPt * shapeOf(svg) }}>
      <Defs>{sheet.clips}</Defs>
      {parts}
    </Svg>
  );
}
