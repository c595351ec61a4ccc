import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { called } from './called';

const root = join(import.meta.dirname, '../../..');

/** The rows of the tables in `docs/words.md`: the name, and what it is not. */
const rows = [...readFileSync(join(root, 'docs/words.md'), 'utf8').matchAll(/^\| ([^|]+) \| ([^|]+) \| ([^|]+) \|$/gm)]
  .map(([, , name = '', not = '']) => ({ name, not: not.split(';').map((one) => one.trim()) }))
  .filter((one) => one.name !== 'name' && !one.name.startsWith('---'));

/** Old names that stand by themselves only: within a sentence they are words like others. */
const alone = new Set(['Waiting', 'All sheets', 'in part', 'not at all', 'second step', 'Its sheet', 'Read it']);

function files(folder: string, ending: RegExp): string[] {
  return readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((one) => ending.test(one) && !/\.test\.|api\/types/.test(one))
    .map((one) => join(folder, one));
}

/** All text that a file of the browser can show. */
function texts(file: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node) || ts.isStringLiteral(node) || ts.isTemplateLiteralToken(node)) {
      found.push(node.text.replace(/\s+/g, ' ').trim());
    }
    ts.forEachChild(node, visit);
  };
  visit(
    ts.createSourceFile(file, readFileSync(join(root, file), 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX),
  );
  return found.filter((one) => one !== '');
}

/** The same of PHP and its templates: strings, and what stands between tags; comments are for who reads the code. */
function phpTexts(file: string): string[] {
  const source = readFileSync(join(root, file), 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/^\s*\/\/.*$/gm, '');
  return file.endsWith('.twig')
    ? [source.replace(/\{#[\s\S]*?#\}/g, '')]
    : [...source.matchAll(/'((?:[^'\\]|\\.)*)'|"((?:[^"\\]|\\.)*)"/g)].map(([, a, b]) => a ?? b ?? '');
}

const shown = [
  ...files('web/src', /\.tsx?$/).map((file) => ({ file, texts: texts(file) })),
  ...['core/src', 'app/src', 'app/templates'].flatMap((folder) =>
    files(folder, /\.(php|twig)$/).map((file) => ({ file, texts: phpTexts(file) })),
  ),
];

describe('what things are called', () => {
  it('is listed, and shown', () => {
    expect(rows.length).toBeGreaterThan(60);
    expect(shown.reduce((sum, one) => sum + one.texts.length, 0)).toBeGreaterThan(5000);
    const listed = rows.map((one) => one.name).join('; ');
    for (const name of [called.onTheBoard, called.newNumbers, called.otherQuestions, called.undo, called.save]) {
      expect(listed).toContain(name);
    }
  });

  it.each(rows.map((one) => [one.name, one.not] as const))('is “%s” everywhere', (_, not) => {
    for (const old of not) {
      // a label stands by itself; what has several words is found within a sentence, too
      const isWithin = old.includes(' ') && !alone.has(old);
      const where = shown
        .filter(({ texts: some }) => some.some((text) => text === old || (isWithin && text.includes(old))))
        .map(({ file }) => file);
      expect(where, old).toEqual([]);
    }
  });

  it('is they, of a child', () => {
    // of something else that is found, or named on paper
    const other = /how it was found|is named on it|goes with it|holds all of it/;
    const found = shown.flatMap(({ file, texts: some }) =>
      // where several sentences stand in one template, each is looked at by itself
      some
        .flatMap((text) => text.split(/[.?!]\s|<[^>]*>|\n/))
        .filter((text) => /\b[Cc]hild\b(?!ren)[^{}]*\b(it|its|itself)\b/.test(text) && !other.test(text))
        .map((text) => `${file}: ${text.trim()}`),
    );
    expect(found).toEqual([]);
  });
});
