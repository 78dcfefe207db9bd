import type { Styles } from '@react-pdf/renderer';
import { compile } from 'css-select';
import type { Element } from 'domhandler';

type Style = NonNullable<Styles[string]>;

/** How a part of a document is set. */
export interface Setting {
  readonly style?: Style;
  /** Its children beside one another, in these shares of its width. */
  readonly columns?: readonly number[];
  /** Its children beside one another, so many to a row. */
  readonly perRow?: number;
  /** Not broken over two pages. */
  readonly together?: boolean;
  /** Not on paper. */
  readonly left?: boolean;
  /** Of a list: its items have their numbers already. */
  readonly counted?: boolean;
  /** Of names and values: the share of the names. */
  readonly named?: number;
  /** Of a drawing: at most so wide, pt. */
  readonly widthPt?: number;
}

const INK = '#1b2a2f';
export const SOFT = '#48575d';
const RULE = '#c8cfc2';
/** Between what stands beside one another, pt. */
export const GAP_PT = 12;

/** From the general to what overrides it; as in a style sheet, but in points. */
const SETTINGS: readonly (readonly [selector: string, setting: Setting])[] = [
  ['body', { style: { fontSize: 9, lineHeight: 1.3, color: INK } }],
  ['p, li, dl, table, figure', { style: { marginBottom: 4 } }],
  ['section', { style: { marginTop: 7 } }],
  ['h1', { style: { fontSize: 19, fontWeight: 700, lineHeight: 1.1, marginBottom: 2 } }],
  ['h2', { style: { fontSize: 12, fontWeight: 700, borderBottom: `1.5 solid ${INK}`, marginTop: 9, marginBottom: 4 } }],
  ['h2.point-name', { style: { fontSize: 16, marginTop: 14 } }],
  ['h3', { style: { fontSize: 10, fontWeight: 700, marginTop: 5, marginBottom: 2 } }],
  ['b, strong, th[scope=row], .strong', { style: { fontWeight: 700 } }],
  ['.soft, dt', { style: { color: SOFT } }],
  ['.small, figcaption', { style: { fontSize: 8 } }],
  ['.figure, .m', { style: { fontFamily: 'Mono', fontSize: 8.5 } }],
  ['td, th', { style: { paddingVertical: 2, paddingRight: 6 } }],
  ['tr', { style: { borderBottom: `0.5 solid ${RULE}` }, together: true }],
  ['thead th', { style: { color: SOFT, fontWeight: 400 } }],
  ['.n, .number, td.figure', { style: { textAlign: 'right' } }],
  ['.by', { style: { textAlign: 'right', paddingRight: 0 } }],
  ['button, .no-print, .visually-hidden, .btn', { left: true }],
  ['figure', { together: true }],
  ['dl.figures', { named: 0.5 }],
  ['.caution', { style: { borderLeft: `3 solid ${INK}`, paddingLeft: 6 } }],
  ['.still-open', { style: { borderLeft: `3 solid ${INK}`, paddingLeft: 8 } }],
  ['.aim-card', { style: { border: `1 solid ${INK}`, padding: 6 } }],
  ['.sheet-head', { style: { borderBottom: `2 solid ${INK}`, paddingBottom: 5, marginBottom: 8 }, columns: [3, 1] }],
  ['.sheet-head > :last-child', { style: { textAlign: 'right' } }],
  ['.boxed', { style: { border: `1.5 solid ${INK}`, padding: 6, marginBottom: 6 } }],
  ['.boxed > p:last-child', { style: { marginBottom: 0 } }],
  ['.yard-views', { columns: [1, 1] }],
  ['.sheet-photos', { perRow: 3 }],
  ['.wired-places', { perRow: 2, together: true }],
  ['.door-views', { columns: [1, 2], together: true }],
  ['.sign-off', { style: { marginTop: 30 }, columns: [2, 2, 1], together: true }],
  ['.sign-off > div', { style: { borderTop: `1 solid ${INK}`, paddingTop: 3, fontSize: 8 } }],
  ['svg', { widthPt: 380 }],
  ['svg.house-drawing', { widthPt: 420 }],
  ['svg.side', { widthPt: 160 }],
  ['.stack svg', { widthPt: 34 }],
  ['ol.stack', { counted: true }],
  ['.signed svg', { widthPt: 150 }],
  ['.signed', { style: { marginTop: 10 } }],
  ['svg.box-drawing', { widthPt: 330 }],
  ['svg.terminals', { widthPt: 220 }],
  ['svg.site-plan', { widthPt: 330 }],
  ['.levers', { widthPt: 84 }],
  ['.for-customer', { style: { fontSize: 10.5, lineHeight: 1.35 } }],
  ['.for-customer h1', { style: { fontSize: 21 } }],
  ['.for-customer section', { style: { marginTop: 3 } }],
  ['.for-customer h2', { style: { fontSize: 13, borderBottom: 0, borderTop: `1.5 solid ${INK}`, paddingTop: 4 } }],
  ['.for-customer .where', { columns: [2, 1] }],
  ['.for-customer .customer-columns', { columns: [1, 1] }],
  ['.switch-off', { style: { marginBottom: 6 }, columns: [1, 2] }],
  ['.sees', { columns: [1, 2], together: true }],
  ['.sees h2', { style: { borderTop: 0, marginTop: 0, paddingTop: 0 } }],
  ['.record', { style: { borderTop: `2 solid ${INK}`, marginTop: 6, paddingTop: 6 }, columns: [1, 7], together: true }],
  ['.record figcaption', { style: { fontSize: 7 } }],
];

const COMPILED = SETTINGS.map(([selector, setting]) => ({
  matches: compile(selector, { xmlMode: true }),
  setting,
}));

/** How an element is set: everything that is said of it, the later over the earlier. */
export function settingOf(node: Element): Setting {
  let made: Setting = {};
  for (const { matches, setting } of COMPILED)
    if (matches(node)) made = { ...made, ...setting, style: { ...made.style, ...setting.style } };
  return made;
}

/** What is handed down to what lies inside. */
const HANDED = ['fontSize', 'fontWeight', 'fontFamily', 'lineHeight', 'color', 'textAlign'] as const;
export const handedDown = (style: Style): Style =>
  Object.fromEntries(HANDED.flatMap((name) => (style[name] === undefined ? [] : [[name, style[name]]]))) as Style;
