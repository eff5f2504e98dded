// Which fields of what the book keeps are read by no question: found by the compiler, from the schemas to every place that reads.
import { relative, resolve } from 'node:path';
import ts from 'typescript';

/** Rooms that keep, change and hand on whatever there is, and so say nothing of what a field is for. */
const HANDS_ON = /\/(?:changes|formats|wire|kind|book|testing)\/|\.test\.ts$/;

interface Code {
  readonly program: ts.Program;
  readonly checker: ts.TypeChecker;
  /** The sources of the core, with a slash at their end. */
  readonly root: string;
}

function codeOf(folder: string): Code {
  const read = ts.readConfigFile(resolve(folder, 'tsconfig.json'), ts.sys.readFile);
  const { fileNames, options } = ts.parseJsonConfigFileContent(read.config, ts.sys, folder);
  const whole = {
    ...options,
    composite: false,
    incremental: false,
    emitDeclarationOnly: false,
    noEmit: true,
  };
  delete whole.tsBuildInfoFile;
  const program = ts.createProgram(fileNames, whole);
  return { program, checker: program.getTypeChecker(), root: `${resolve(folder, 'src')}/` };
}

const placeOf = (declaration: ts.Declaration): string =>
  `${declaration.getSourceFile().fileName}:${declaration.getStart()}`;

const membersOf = (type: ts.Type): readonly ts.Type[] => (type.isUnion() ? type.types : [type]);

// What a line reads by name: `one.field`, and `{ field }` taken out of something.
function readBy(node: ts.Node, checker: ts.TypeChecker): readonly ts.Symbol[] {
  const named = (from: ts.Node, name: string): readonly ts.Symbol[] =>
    membersOf(checker.getTypeAtLocation(from)).flatMap((type) => checker.getPropertyOfType(type, name) ?? []);
  if (ts.isPropertyAccessExpression(node)) return named(node.expression, node.name.text);
  if (!ts.isBindingElement(node) || !ts.isObjectBindingPattern(node.parent)) return [];
  const name = node.propertyName ?? node.name;
  return ts.isIdentifier(name) ? named(node.parent, name.text) : [];
}

/** Where every field that some question reads was declared. */
function placesRead({ program, checker, root }: Code): ReadonlySet<string> {
  const places = new Set<string>();
  const visit = (node: ts.Node): void => {
    for (const symbol of readBy(node, checker))
      for (const declaration of symbol.declarations ?? []) places.add(placeOf(declaration));
    ts.forEachChild(node, visit);
  };
  for (const file of program.getSourceFiles())
    if (file.fileName.startsWith(root) && !HANDS_ON.test(`/${relative(root, file.fileName)}`)) visit(file);
  return places;
}

/**
 * The fields of the book's entities that no question of the core reads, as `supplies.set.pieces[].worn`, each where it is met
 * first. Ids, versions and order keys are everywhere, and are left out.
 * @param folder the folder of the core, with its `tsconfig.json` and `src/book/book.ts`.
 */
export function unreadFields(folder: string): readonly string[] {
  const code = codeOf(folder);
  const { program, checker, root } = code;
  const read = placesRead(code);
  const file = program.getSourceFile(`${root}book/book.ts`)!;
  const book = checker
    .getExportsOfModule(checker.getSymbolAtLocation(file)!)
    .find(({ name }) => name === 'Book')!;
  const met = new Set<string>();
  const unread: string[] = [];
  const walk = (type: ts.Type, path: string): void => {
    const element = checker.getIndexTypeOfType(type, ts.IndexKind.Number);
    if (type.isUnion()) type.types.forEach((one) => walk(one, path));
    else if (checker.isArrayType(type) && element) walk(element, `${path}[]`);
    else if (type.flags & ts.TypeFlags.Object) walkObject(type, path);
  };
  const walkObject = (type: ts.Type, path: string): void => {
    const value = checker.getIndexTypeOfType(type, ts.IndexKind.String);
    if (value) walk(value, path);
    for (const field of checker.getPropertiesOfType(type)) {
      const [declaration] = field.declarations ?? [];
      if (!declaration?.getSourceFile().fileName.startsWith(root) || met.has(placeOf(declaration))) continue;
      met.add(placeOf(declaration));
      const at = `${path}.${field.name}`;
      if (!field.declarations!.some((one) => read.has(placeOf(one)))) unread.push(at);
      walk(checker.getTypeOfSymbol(field), at);
    }
  };
  for (const table of checker.getPropertiesOfType(checker.getDeclaredTypeOfSymbol(book))) {
    const rows = checker.getTypeOfSymbol(table);
    walk(checker.getIndexTypeOfType(rows, ts.IndexKind.String) ?? rows, table.name);
  }
  return unread.filter((path) => !/\.(?:id|version|order)$/.test(path));
}
