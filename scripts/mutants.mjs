import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

// Small changes of the core, one at a time: an operator, a constant, a yes for a no.

/** Rooms of data, of examples and of tests: a figure there is what it is. */
const data =
  /\/(testing|examples|evidence|pages|corpus|teaching|fixtures)\/|movements\/data\/|\.test\.ts$|\/pages\.ts$/;

const operators = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
};

const filesIn = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return filesIn(path);
    return path.endsWith('.ts') && !data.test(path) ? [path] : [];
  });

const isText = (node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);
const another = (text) => {
  const n = Number(text.replaceAll('_', ''));
  return String(Number.isInteger(n) && Math.abs(n) < 20 ? n + 1 : n * 1.1);
};

/** Every change of one file, in its order. */
function changesIn(path) {
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const add = (node, to) => {
    const from = node.getStart(source);
    found.push({
      path,
      from,
      to: node.end,
      was: text.slice(from, node.end),
      is: to,
      line: source.getLineAndCharacterOfPosition(from).line + 1,
    });
  };
  const walk = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const operator = node.operatorToken.getText(source);
      const joins = operator === '+' && (isText(node.left) || isText(node.right));
      if (operators[operator] && !joins) add(node.operatorToken, operators[operator]);
    }
    if (ts.isNumericLiteral(node)) add(node, another(node.text));
    if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
    if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    ts.forEachChild(node, walk);
  };
  walk(source);
  return found;
}

/** A fair draw from a seed (mulberry32). */
export function drawing(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** So many changes of the core by a seed, of all rooms or of one. */
export function drawMutants(count, seed, room) {
  const all = filesIn('core/src')
    .filter((path) => room === undefined || path.startsWith(`core/src/${room}/`))
    .flatMap(changesIn);
  const draw = drawing(seed);
  const drawn = [];
  while (drawn.length < count && all.length > 0)
    drawn.push(...all.splice(Math.floor(draw() * all.length), 1));
  return drawn;
}
