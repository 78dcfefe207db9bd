import path from 'node:path';
import postcss, { type AtRule, type Container, type Document, type Rule } from 'postcss';
import { compile } from 'sass';
import type { InkFile, InkRule } from '@/papers/ink';

// How drawings are painted stands in the style sheets, once. A document that is set without a browser can’t ask it there:
// what concerns drawings is read out of them here, by day and on white, and laid beside the code that sets documents.

/** What of a style concerns a drawing. */
const PAINTS = new Set([
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'font-size',
  'font-weight',
  'font-family',
  'paint-order',
]);
/** Paper is white, whatever the screen’s is. */
const WHITE: Readonly<Record<string, string>> = { '--paper': '#ffffff', '--sheet': '#ffffff' };
const REM_PX = 16;
/** Another light, a hand or an eye on it: none of that is on paper. */
const NOT_PAPER = /:(hover|focus|focus-visible|active|disabled|checked)|\[data-theme|\[data-bs-theme|::|\[role/;

const isInAtRule = (rule: Rule): boolean => {
  for (let at: Container | Document | undefined = rule.parent; at; at = at.parent)
    if (at.type === 'atrule' && ['media', 'supports', 'keyframes', 'page'].includes((at as AtRule).name)) return true;
  return false;
};

/** A share of one colour in another, as the style sheet language mixes them. */
function mixed(first: string, share: number, second: string): string {
  const parts = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  const [a, b] = [parts(first), parts(second)];
  const one = (i: number) => Math.round((a[i] ?? 0) * share + (b[i] ?? 0) * (1 - share));
  return `#${[0, 1, 2].map((i) => one(i).toString(16).padStart(2, '0')).join('')}`;
}

/** What paints drawings, in the order in which it overrides. */
export function inkRules(root: string): InkFile {
  const css = compile(path.join(root, 'src/ui/theme/theme.scss'), {
    loadPaths: [path.join(root, 'node_modules')],
    silenceDeprecations: ['import'],
    quietDeps: true,
  }).css;
  const sheet = postcss.parse(css);
  const variables = new Map<string, string>();
  sheet.walkRules(':root', (rule) => {
    if (!isInAtRule(rule)) rule.walkDecls(/^--/, ({ prop, value }) => void variables.set(prop, value));
  });
  for (const [name, value] of Object.entries(WHITE)) variables.set(name, value);
  const plain = (value: string): string =>
    value
      .replace(/var\((--[\w-]+)\)/g, (_, name: string) => variables.get(name) ?? 'none')
      .replace(/color-mix\(in srgb, (#\w{6}) ([\d.]+)%, (#\w{6})\)/g, (_, a: string, share: string, b: string) =>
        mixed(a, Number(share) / 100, b),
      )
      .replace(/([\d.]+)rem/g, (_, rem: string) => String(Number(rem) * REM_PX))
      .replace(/([\d.]+)px/g, '$1');
  const rules: InkRule[] = [];
  sheet.walkRules((rule) => {
    if (isInAtRule(rule)) return;
    const declarations: string[] = [];
    rule.walkDecls(({ prop, value }) => {
      if (PAINTS.has(prop)) declarations.push(`${prop}: ${plain(value)}`);
    });
    if (declarations.length === 0) return;
    const paintsDrawing = declarations.some((one) => /^(fill|stroke)/.test(one));
    const paints = declarations.join('; ');
    for (const selector of rule.selectors)
      if (!NOT_PAPER.test(selector) && (paintsDrawing || /(^|[\s>])(svg|text|tspan)\b/.test(selector)))
        rules.push({ selector, paints });
  });
  return { variables: Object.fromEntries([...variables].filter(([, value]) => /^#|^rgb/.test(value))), rules };
}
