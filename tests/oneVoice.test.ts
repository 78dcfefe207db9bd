import { describe, expect, it } from 'vitest';
import { readFileSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** What a screen says is a code in the core: two words beside one another are a sentence that stands in the wrong house. */
const PROSE = /[\p{L}’]+[,;:.]? [\p{L}{“]+/u;

/** Where words are no sentence of what the core says. */
const EXEMPT: Readonly<Record<string, string>> = {
  'src/core/catalogue': 'what the shelves hold, and what a file of the catalogue calls it',
  'src/core/kinds': 'what is wrong with an entry, for whoever sent it',
  'src/core/wiring/move.ts': 'what is wrong with a move, a bug',
  'src/core/units': 'how units are typed',
  'src/core/region': 'what a region is called; what it says stands in words',
};

function filesOf(folder: string): readonly string[] {
  return readdirSync(folder).flatMap((name) => {
    const at = path.join(folder, name);
    return statSync(at).isDirectory() ? filesOf(at) : [at];
  });
}

/** Names of styles and what picks an element by them. */
function isMarkup(node: ts.Node, text: string): boolean {
  if (/\[\w+=|^\./.test(text)) return true;
  for (let at = node.parent; !ts.isSourceFile(at); at = at.parent)
    if (ts.isJsxAttribute(at)) return /^(className|fontFamily)$/.test(at.name.getText());
  return false;
}

/** Ids are made of a place and a name, faults of the program are told to its developers, an import is a path. */
function isNoSentence(node: ts.Node, text: string): boolean {
  if (/^(\{\}|[a-z]+)[. ]|^[a-z]+ (side|\d)$|\{\} ?(ft|in)/.test(text) && !/[.?!]$/.test(text) && text.length < 20)
    return true;
  for (let at = node.parent; !ts.isSourceFile(at); at = at.parent)
    if (
      ts.isThrowStatement(at) ||
      ts.isImportDeclaration(at) ||
      ts.isExportDeclaration(at) ||
      ts.isTypeNode(at) ||
      (ts.isNewExpression(at) && /Error$/.test(at.expression.getText()))
    )
      return true;
  return false;
}

/** Attributes and properties that a screen shows, where one word is a label already. */
const SHOWN = /^(label|aria-label|hint|placeholder|title|submit|words|legend|lead|alt|caption|counted)$/;
/** Units are the same in every language; of what is left, two letters are a word. */
const UNITS = /\b(AC|AWG|dBm?|kg|min|mm²?|in|VA)\b/gu;
const hasWord = (text: string): boolean => /\p{L}{2}/u.test(text.replace(UNITS, ''));

/** Words that stand in a screen itself: between tags, in what it shows, or two beside one another anywhere. */
function wordsOfScreen(file: string): readonly string[] {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, kind);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node) && hasWord(node.text)) found.push(node.text.trim());
    const shown =
      ts.isStringLiteralLike(node) &&
      (ts.isJsxAttribute(node.parent) || ts.isPropertyAssignment(node.parent)) &&
      SHOWN.test(node.parent.name.getText());
    if (shown && hasWord(node.text)) found.push(node.text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

function proseIn(file: string): readonly string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    const text = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? node.head.text + node.templateSpans.map(({ literal }) => `{}${literal.text}`).join('')
        : null;
    if (text !== null && PROSE.test(text.replace(UNITS, '')) && !isNoSentence(node, text) && !isMarkup(node, text))
      found.push(text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

describe('one voice', () => {
  const screens = filesOf('src/ui').filter((file) => /\.tsx?$/.test(file));
  it('has no word in a screen: words have them', () => {
    expect(screens.length).toBeGreaterThan(150);
    expect(screens.flatMap((file) => wordsOfScreen(file).map((text) => `${file}: ${text}`))).toEqual([]);
    expect(screens.flatMap((file) => proseIn(file).map((text) => `${file}: ${text}`))).toEqual([]);
  });
  const files = filesOf('src/core').filter(
    (file) =>
      file.endsWith('.ts') &&
      !/\.test\.ts$|forTests/.test(file) &&
      !Object.keys(EXEMPT).some((exempt) => file.startsWith(exempt)),
  );
  it('has no sentence in the core: words have it', () => {
    expect(files.length).toBeGreaterThan(200);
    expect(files.flatMap((file) => proseIn(file).map((text) => `${file}: ${text}`))).toEqual([]);
  });
});
