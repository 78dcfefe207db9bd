import { Image, Path, Svg, Text, View, type Styles } from '@react-pdf/renderer';
import { isTag, isText, type AnyNode, type Element } from 'domhandler';
import { nextElementSibling } from 'domutils';
import type { ReactNode } from 'react';
import { papersWords } from '@/words/screens';
import { Drawing, shapeOf } from './drawing';
import { legible, TEXT_FACE } from './faces';
import { cellsOf, columnShares, rowsOf, spanOf } from './table';
import { GAP_PT, handedDown, settingOf, SOFT } from './typography';

type Style = NonNullable<Styles[string]>;

/** Pictures of a document by the hash in their address, each with what is in it. */
export type Pictures = ReadonlyMap<string, string>;

/** What is known on the way down. */
interface Way {
  readonly widthPt: number;
  /** What is handed down: letters and their colour. */
  readonly style: Style;
  readonly pictures: Pictures;
  /** Whether it lies in what is not broken over two pages: nothing in there is, then. */
  readonly together?: boolean;
}

const INLINE = new Set(['a', 'b', 'strong', 'em', 'i', 'span', 'small', 'code', 'sup', 'sub', 'br', 'abbr', 'time']);

const isLeft = (node: Element): boolean => settingOf(node).left === true;

/** Whether something stands within a line of text. */
function isInline(node: AnyNode): boolean {
  if (isText(node)) return true;
  return isTag(node) && INLINE.has(node.name) && node.children.every(isInline);
}

/** Letters of a line; what stands in a line of its own begins one. */
function letters(nodes: readonly AnyNode[], style: Style): ReactNode[] {
  return nodes.flatMap((node, i): ReactNode[] => {
    if (isText(node)) return [legible(node.data.replace(/\s+/g, ' '))];
    if (!isTag(node) || isLeft(node)) return [];
    if (node.name === 'br') return ['\n'];
    const own = handedDown({ ...style, ...settingOf(node).style });
    const inner = (
      <Text key={i} style={own}>
        {letters(node.children, own)}
      </Text>
    );
    return /\bblock\b/.test(node.attribs.class ?? '') && i > 0 ? ['\n', inner] : [inner];
  });
}

/** A tick is drawn: of the typefaces none has it. */
const Tick = ({ color }: { readonly color: string }) => (
  <Svg viewBox="0 0 12 12" style={{ width: 9, height: 9 }}>
    <Path d="M1 6.5L4.5 10L11 2" fill="none" stroke={color} strokeWidth={1.8} />
  </Svg>
);

const hasWords = (nodes: readonly AnyNode[]): boolean =>
  nodes.some((node) =>
    isText(node)
      ? node.data.trim() !== ''
      : isTag(node) && !isLeft(node) && (node.name === 'br' || hasWords(node.children)),
  );

const HEADING = /^h[1-3]$/;

/** Children one below the other; what stands within a line goes together. */
function blocks(nodes: readonly AnyNode[], way: Way): ReactNode[] {
  const made: ReactNode[] = [];
  let line: AnyNode[] = [];
  const endLine = () => {
    const words = line.filter(isText).map(({ data }) => data.trim());
    if (words.join('') === '✓') made.push(<Tick key={`line ${made.length}`} color={String(way.style.color)} />);
    else if (hasWords(line))
      made.push(
        <Text key={`line ${made.length}`} style={{ fontFamily: TEXT_FACE, ...way.style }}>
          {letters(line, way.style)}
        </Text>,
      );
    line = [];
  };
  let joined: Element | null = null;
  for (const node of nodes) {
    if (isInline(node)) line.push(node);
    else if (isTag(node) && node !== joined) {
      endLine();
      joined = joinedTo(node);
      const key = made.length;
      made.push(
        joined ? (
          <View key={`joined ${key}`} {...unbroken(way)}>
            {block(node, { ...way, together: true }, 0)}
            {block(joined, { ...way, together: true }, 1)}
          </View>
        ) : (
          block(node, way, key)
        ),
      );
    }
  }
  endLine();
  return made;
}

/**
 * What stands on one page with a heading: what is never broken itself. The typesetter looks ahead for no heading that begins
 * its part.
 */
function joinedTo(node: Element): Element | null {
  const next = HEADING.test(node.name) ? nextElementSibling(node) : null;
  return next && settingOf(next).together ? next : null;
}

/** Share of the names beside their values. */
const NAMED = 0.3;

/** Not broken over two pages; what lies in such a part is not told so again: the typesetter would push it together. */
const unbroken = (way: Way): { readonly wrap?: false } => (way.together ? {} : { wrap: false });

/** Names and values, a pair to a row. */
function pairs(list: Element, way: Way, style: Style, key: number): ReactNode {
  const parts = list.children.filter(isTag);
  const named = settingOf(list).named ?? NAMED;
  const namePt = named * way.widthPt;
  return (
    <View key={key} style={style}>
      {parts.flatMap((part, i) =>
        part.name !== 'dt'
          ? []
          : [
              <View key={i} style={{ flexDirection: 'row', marginBottom: 1 }} {...unbroken(way)}>
                <View style={{ width: namePt, paddingRight: 6 }}>{cell(part, { ...way, widthPt: namePt - 6 })}</View>
                <View style={{ width: way.widthPt - namePt }}>
                  {parts[i + 1]?.name === 'dd' &&
                    cell(parts[i + 1] as Element, { ...way, widthPt: way.widthPt - namePt })}
                </View>
              </View>,
            ],
      )}
    </View>
  );
}

/** What stands in a cell, set as the cell is. */
const cell = (node: Element, way: Way): ReactNode[] =>
  blocks(node.children, { ...way, style: handedDown({ ...way.style, ...settingOf(node).style }) });

function table(node: Element, way: Way, style: Style, key: number): ReactNode {
  const rows = rowsOf(node);
  const shares = columnShares(rows);
  return (
    <View key={key} style={style}>
      {rows.map((row, i) => {
        let column = 0;
        return (
          <View key={i} style={{ flexDirection: 'row', ...settingOf(row).style }} {...unbroken(way)}>
            {cellsOf(row).map((one, j) => {
              const span = spanOf(one);
              const widthPt = shares.slice(column, column + span).reduce((sum, share) => sum + share, 0) * way.widthPt;
              column += span;
              return (
                <View key={j} style={{ ...settingOf(one).style, width: widthPt }}>
                  {cell(one, { ...way, widthPt: widthPt - 6 })}
                </View>
              );
            })}
          </View>
        );
      })}
    </View>
  );
}

/** A picture, and what was marked on it. */
function picture(node: Element, way: Way, key: number): ReactNode {
  const parts = node.name === 'img' ? [node] : node.children.filter(isTag);
  const image = parts.find(({ name }) => name === 'img');
  const marks = parts.find(({ name }) => name === 'svg');
  if (!image) return null;
  const sides = Number(image.attribs.height) / Number(image.attribs.width) || 0.75;
  const address = way.pictures.get(/photos\/([0-9a-f]{64})/.exec(image.attribs.src ?? '')?.[1] ?? '');
  if (!address)
    return (
      <Text key={key} style={{ ...way.style, border: `0.5 dashed ${SOFT}`, padding: 4 }}>
        {papersWords.inTheRecord}
      </Text>
    );
  const box = { width: way.widthPt, height: way.widthPt * sides };
  return (
    <View key={key} style={box}>
      <Image src={address} style={box} />
      {marks && (
        <View style={{ position: 'absolute', left: 0, top: 0 }}>
          <Drawing svg={marks} widthPt={way.widthPt} />
        </View>
      )}
    </View>
  );
}

const MARK = { ul: () => '–', ol: (i: number) => String(i + 1) } as const;

function list(node: Element, way: Way, style: Style, key: number): ReactNode {
  // A list that counts for itself is not counted twice
  const mark = settingOf(node).counted ? () => '' : MARK[node.name as 'ul' | 'ol'];
  return (
    <View key={key} style={style}>
      {node.children.filter(isTag).map((item, i) => (
        <View key={i} style={{ flexDirection: 'row', marginBottom: 2 }} {...unbroken(way)}>
          <Text style={{ ...way.style, width: 14, fontWeight: node.name === 'ol' ? 700 : 400 }}>{mark(i)}</Text>
          <View style={{ width: way.widthPt - 14 }}>{cell(item, { ...way, widthPt: way.widthPt - 14 })}</View>
        </View>
      ))}
    </View>
  );
}

/** Children beside one another. */
function beside(node: Element, way: Way, most: readonly number[], wraps: boolean): ReactNode[] {
  const children = node.children.filter((child): child is Element => isTag(child) && !isLeft(child));
  // What stands alone has all the room
  const shares = wraps ? most : most.slice(0, Math.max(1, children.length));
  const all = shares.reduce((sum, one) => sum + one, 0);
  const room = way.widthPt - GAP_PT * (shares.length - 1);
  const rows: Element[][] = [];
  children.forEach((child, i) => {
    if (i % shares.length === 0 && (wraps || i === 0)) rows.push([]);
    rows.at(-1)?.push(child);
  });
  return rows.map((row, r) => (
    <View key={r} style={{ flexDirection: 'row', gap: GAP_PT }} {...(wraps ? unbroken(way) : {})}>
      {row.map((child, i) => {
        const widthPt = ((shares[i % shares.length] ?? 1) / all) * room;
        return (
          <View key={i} style={{ width: widthPt }}>
            {block(child, { ...way, widthPt }, i)}
          </View>
        );
      })}
    </View>
  ));
}

/** Padding and edges of a box, which its inside has not. */
const insideOf = (style: Style, widthPt: number): number => {
  const edge = (value: unknown): number =>
    typeof value === 'number' ? value : typeof value === 'string' ? Number.parseFloat(value) || 0 : 0;
  const all = 2 * (edge(style.padding) + edge(style.border));
  return widthPt - all - edge(style.paddingLeft) - edge(style.borderLeft);
};

/** A heading stands with so much of what follows it, pt. */
const AHEAD_PT = 60;

/** How much has to follow a part on its page: of a heading some lines, or the drawing that it names. */
function aheadOf(node: Element, widthPt: number): number {
  if (!HEADING.test(node.name)) return 0;
  const next = nextElementSibling(node);
  const svg = next && (next.name === 'svg' ? next : next.children.filter(isTag).find(({ name }) => name === 'svg'));
  return svg ? Math.min(widthPt, settingOf(svg).widthPt ?? widthPt) * shapeOf(svg) + AHEAD_PT : AHEAD_PT;
}

function block(node: Element, way: Way, key: number): ReactNode {
  const setting = settingOf(node);
  if (setting.left) return null;
  const own = setting.style ?? {};
  const inner: Way = {
    ...way,
    widthPt: insideOf(own, way.widthPt),
    style: handedDown({ ...way.style, ...own }),
    together: way.together === true || setting.together === true,
  };
  if (node.name === 'svg') {
    const widthPt = Math.min(way.widthPt, setting.widthPt ?? way.widthPt);
    return (
      <View key={key} style={{ height: widthPt * shapeOf(node), ...own }} {...unbroken(way)}>
        <Drawing svg={node} widthPt={widthPt} />
      </View>
    );
  }
  if (node.name === 'table') return table(node, inner, own, key);
  if (node.name === 'dl') return pairs(node, inner, own, key);
  if (node.name === 'ul' || node.name === 'ol') return list(node, inner, own, key);
  if (node.name === 'img' || /\bmarked-photo\b/.test(node.attribs.class ?? '')) return picture(node, inner, key);
  const inside = setting.columns
    ? beside(node, inner, setting.columns, false)
    : setting.perRow
      ? beside(node, inner, Array<number>(setting.perRow).fill(1), true)
      : blocks(node.children, inner);
  return (
    <View
      key={key}
      style={own}
      {...(setting.together ? unbroken(way) : {})}
      minPresenceAhead={aheadOf(node, way.widthPt)}
    >
      {inside}
    </View>
  );
}

/** What a page shows, set in a column so wide. */
export const flow = (body: Element, widthPt: number, pictures: Pictures): ReactNode[] =>
  blocks(body.children, { widthPt, style: handedDown(settingOf(body).style ?? {}), pictures });
