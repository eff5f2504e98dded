// The small faults that are put into the code, one at a time, to see whether a test finds them. Each operator is one that
// people make: a comparison that is off by one, a term or a guard that was forgotten, another constant.
import ts from 'typescript';

/** A fault: what stands where in a file, and what is put in its place. */
export interface Mutant {
  readonly file: string;
  readonly line: number;
  readonly start: number;
  readonly end: number;
  readonly by: string;
  readonly operator: string;
}

type Found = Omit<Mutant, 'file' | 'line'>;

const FLIPPED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
};
// One of the two sides is left out.
const TERMS: ReadonlySet<ts.SyntaxKind> = new Set([
  ts.SyntaxKind.AmpersandAmpersandToken,
  ts.SyntaxKind.BarBarToken,
  ts.SyntaxKind.PlusToken,
  ts.SyntaxKind.MinusToken,
  ts.SyntaxKind.AsteriskToken,
  ts.SyntaxKind.SlashToken,
  ts.SyntaxKind.QuestionQuestionToken,
]);
const OTHER_CALL: Readonly<Record<string, string>> = {
  some: 'every',
  every: 'some',
  min: 'max',
  max: 'min',
  ceil: 'floor',
  floor: 'ceil',
};

/** Every fault that can be put into a source. */
export function mutantsOf(file: string, text: string): readonly Mutant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2022, true, ts.ScriptKind.TS);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    if (isNoRule(node)) return;
    for (const fault of faultsAt(node, source)) {
      const line = source.getLineAndCharacterOfPosition(fault.start).line + 1;
      if (text.slice(fault.start, fault.end) !== fault.by) found.push({ ...fault, file, line });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

// Types, imports and sentences for people are no rules.
const isNoRule = (node: ts.Node): boolean =>
  ts.isTypeNode(node) ||
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isInterfaceDeclaration(node) ||
  ts.isTypeAliasDeclaration(node) ||
  ts.isTemplateExpression(node) ||
  ts.isThrowStatement(node);

function faultsAt(node: ts.Node, source: ts.SourceFile): readonly Found[] {
  if (ts.isBinaryExpression(node)) return ofBinary(node, source);
  if (ts.isNumericLiteral(node) && ordersOnly(node)) return [];
  if (ts.isNumericLiteral(node)) return [replace(node, source, String(Number(node.text) + 1), 'constant')];
  if (node.kind === ts.SyntaxKind.TrueKeyword && ts.isExpression(node))
    return [replace(node, source, 'false', 'constant')];
  if (node.kind === ts.SyntaxKind.FalseKeyword && ts.isExpression(node))
    return [replace(node, source, 'true', 'constant')];
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return [replace(node, source, node.operand.getText(source), 'negation dropped')];
  if (ts.isConditionalExpression(node)) {
    const [yes, no] = [node.whenTrue.getText(source), node.whenFalse.getText(source)];
    return [
      replace(node, source, `(${yes})`, 'always one way'),
      replace(node, source, `(${no})`, 'always one way'),
    ];
  }
  if (ts.isIfStatement(node) && !node.elseStatement) return [replace(node, source, '', 'guard removed')];
  if (ts.isArrayLiteralExpression(node)) return ofElements(node.elements, source);
  if (ts.isObjectLiteralExpression(node))
    return node.properties.filter(ts.isSpreadAssignment).map((one) => dropped(one, node.properties, source));
  if (ts.isCallExpression(node)) return ofCall(node, source);
  return [];
}

// Whether a number only says which of two comes first: 1 and 2 say the same.
function ordersOnly(node: ts.Node): boolean {
  for (let one = node; one.parent && !ts.isStatement(one); one = one.parent) {
    const call = one.parent;
    if (ts.isCallExpression(call) && call.arguments.includes(one as ts.Expression))
      return ts.isPropertyAccessExpression(call.expression) && call.expression.name.text === 'toSorted';
  }
  return false;
}

const replace = (node: ts.Node, source: ts.SourceFile, by: string, operator: string): Found => ({
  start: node.getStart(source),
  end: node.getEnd(),
  by,
  operator,
});

function ofBinary(node: ts.BinaryExpression, source: ts.SourceFile): readonly Found[] {
  const { operatorToken, left, right } = node;
  const flipped = FLIPPED[operatorToken.kind];
  const faults: Found[] = flipped ? [replace(operatorToken, source, flipped, 'operator flipped')] : [];
  if (TERMS.has(operatorToken.kind))
    for (const side of [left, right])
      faults.push(replace(node, source, `(${side.getText(source)})`, 'term dropped'));
  return faults;
}

// With its comma, so that what stays is a list.
function dropped(one: ts.Node, all: ts.NodeArray<ts.Node>, source: ts.SourceFile): Found {
  const next = all[all.indexOf(one) + 1];
  return {
    start: one.getStart(source),
    end: next ? next.getStart(source) : one.getEnd(),
    by: '',
    operator: 'element dropped',
  };
}

const ofElements = (all: ts.NodeArray<ts.Expression>, source: ts.SourceFile): readonly Found[] =>
  all.map((one) => dropped(one, all, source));

function ofCall(node: ts.CallExpression, source: ts.SourceFile): readonly Found[] {
  const { expression, arguments: args } = node;
  if (!ts.isPropertyAccessExpression(expression)) {
    // Lists of names as arguments: plain('a', 'b').
    return args.length > 1 && args.every(ts.isStringLiteral) ? ofElements(args, source) : [];
  }
  const { name } = expression;
  const other = OTHER_CALL[name.text];
  if (other) return [replace(name, source, other, 'other function')];
  // What is asked or put in order in between is left out.
  if (['filter', 'toSorted', 'toReversed'].includes(name.text))
    return [replace(node, source, expression.expression.getText(source), 'step dropped')];
  return [];
}
