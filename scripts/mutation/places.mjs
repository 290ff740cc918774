import ts from 'typescript';

/** What each operator becomes. Comparisons are turned round: at a boundary a real number never stands. */
const TURNED = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>='],
  [ts.SyntaxKind.LessThanEqualsToken, '>'],
  [ts.SyntaxKind.GreaterThanToken, '<='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '<'],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
]);

/**
 * The operators and numbers of a source file that can be changed. Types and the arguments of decorators are left out:
 * those are limits and descriptions of fields, which the model reference and the schemas are held to.
 * @returns of each: where it begins and ends, the line, what stands there and what would stand there instead
 */
export function placesOf(path, text) {
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.ES2022, true);
  const places = [];
  const add = (node, becomes) => {
    const start = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(start).line + 1;
    places.push({ path, start, end: node.end, line, was: text.slice(start, node.end), becomes });
  };
  const visit = node => {
    // What is worked out for a sentence alone is a matter of wording.
    if (ts.isDecorator(node) || ts.isTypeNode(node) || ts.isTemplateSpan(node)) return;
    if (ts.isBinaryExpression(node) && TURNED.has(node.operatorToken.kind) && !joinsText(node)) {
      const [left, right] = [node.left, node.right].map(n => n.getText(source));
      add(node, `(${left}) ${TURNED.get(node.operatorToken.kind)} (${right})`);
    }
    if (ts.isNumericLiteral(node) && isValue(node)) add(node, changedNumber(node.text));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return places;
}

/** Whether a sum puts texts together. */
function joinsText(node) {
  return [node.left, node.right].some(n => ts.isStringLiteralLike(n) || ts.isTemplateExpression(n));
}

/** Whether a number is a value, and not the name of a property, of a member, or how many figures are shown. */
function isValue(node) {
  const { parent, pos } = node;
  const isName = ts.isPropertyAssignment(parent) && parent.name.pos === pos;
  const isFigures =
    ts.isCallExpression(parent) && parent.expression.getText() === 'sig' && parent.arguments[1] === node;
  return !isName && !isFigures && !ts.isEnumMember(parent);
}

/** A number that differs enough to be wrong: a quarter more, the next of a whole number. */
function changedNumber(text) {
  const n = Number(text);
  return String(Number.isInteger(n) ? n + 1 : n * 1.25);
}

/** A source with a switch at each of its places: `__mutant(id)` says which one is changed in this run. */
export function withSwitches(text, places) {
  const last = [...places].sort((a, b) => b.start - a.start);
  return last.reduce(
    (done, { id, start, end, was, becomes }) =>
      `${done.slice(0, start)}(__mutant(${id}) ? (${becomes}) : (${was}))${done.slice(end)}`,
    text,
  );
}
