import { describe, expect, it } from '@jest/globals';
import { readFileSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** What a screen says is a code in the core: two words beside one another are a sentence that stands in the wrong house. */
const PROSE = /[\p{L}’]+[,;:.]? [\p{L}{“]+/u;

/** Where words are no sentence of a screen. */
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

function proseIn(file: string): readonly string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    const text = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? node.head.text + node.templateSpans.map(({ literal }) => `{}${literal.text}`).join('')
        : null;
    if (text !== null && PROSE.test(text) && !isNoSentence(node, text)) found.push(text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

describe('one voice', () => {
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
