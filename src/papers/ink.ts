import { compile } from 'css-select';
import type { Element } from 'domhandler';
import { parse, SelectorType, type Selector } from 'css-what';
import file from './ink.json' with { type: 'json' };

/** A rule of the style sheets that paints drawings; written by `npm run formats`. */
export interface InkRule {
  readonly selector: string;
  /** As in a style sheet: `fill: none; stroke: #000000`. */
  readonly paints: string;
}

/** What was read out of the style sheets: colours by their names there, and the rules. */
export interface InkFile {
  readonly variables: Readonly<Record<string, string>>;
  readonly rules: readonly InkRule[];
}

const { variables, rules }: InkFile = file;

/** A colour that a drawing names as the style sheets do, as one that stands for itself. */
export const inked = (value: string): string =>
  value.replace(/var\((--[\w-]+)\)/g, (_, name: string) => variables[name] ?? 'none');

/** How much a selector weighs: names, classes, elements. */
function weight(selector: readonly Selector[]): number {
  return selector.reduce((sum, one) => {
    if (one.type === SelectorType.Attribute) return sum + (one.name === 'id' ? 10_000 : 100);
    if (one.type === SelectorType.Tag) return sum + 1;
    if (one.type === SelectorType.Pseudo && Array.isArray(one.data))
      return sum + Math.max(...one.data.map((inner) => weight(inner)));
    return one.type === SelectorType.Pseudo ? sum + 100 : sum;
  }, 0);
}

interface Ink {
  readonly matches: (node: Element) => boolean;
  readonly paints: Readonly<Record<string, string>>;
}

/** What a list of declarations says, by name. */
export const declared = (text: string): Readonly<Record<string, string>> =>
  Object.fromEntries(
    text.split(';').flatMap((one) => {
      const [name = '', value = ''] = one.split(/:(.*)/).map((part) => part.trim());
      return name && value ? [[name, value]] : [];
    }),
  );

/** In the order in which one overrides the other: by weight, then as they stand. */
const INK: readonly Ink[] = rules
  .map(({ selector, paints }, at) => ({
    matches: compile(selector, { xmlMode: true }),
    paints: declared(paints),
    weight: weight(parse(selector)[0] ?? []),
    at,
  }))
  .sort((a, b) => a.weight - b.weight || a.at - b.at);

/** What the style sheets say of an element of a drawing, not of what it inherits. */
export function inkOf(node: Element): Readonly<Record<string, string>> {
  const ink: Record<string, string> = {};
  for (const { matches, paints } of INK) if (matches(node)) Object.assign(ink, paints);
  return ink;
}
