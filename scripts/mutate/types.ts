// Whether the compiler refuses a fault: such a one never gets as far as the tests.
import { dirname, join, resolve } from 'node:path';
import ts from 'typescript';
import type { Mutant } from './operators.ts';

const ROOT = resolve(import.meta.dirname, '../..');

/** The compiler at work on one package, with a fault in one of its files. */
class Package {
  readonly #service: ts.LanguageService;
  #fault: Mutant | null = null;
  #count = 0;

  constructor(name: string) {
    const config = join(ROOT, 'packages', name, 'tsconfig.json');
    const { options, fileNames } = ts.parseJsonConfigFileContent(
      ts.readConfigFile(config, ts.sys.readFile).config,
      ts.sys,
      dirname(config),
    );
    const versions = new Map<string, string>();
    const isFaulty = (file: string): boolean => this.#fault !== null && file === join(ROOT, this.#fault.file);
    this.#service = ts.createLanguageService({
      getCompilationSettings: () => ({ ...options, composite: false, incremental: false, noEmit: true }),
      getScriptFileNames: () => fileNames,
      getScriptVersion: (file) => {
        if (isFaulty(file)) versions.set(file, String(this.#count));
        else if (versions.has(file)) versions.set(file, `${versions.get(file)}-mended`.slice(-40));
        return versions.get(file) ?? '0';
      },
      getScriptSnapshot: (file) => {
        const text = ts.sys.readFile(file);
        if (text === undefined) return undefined;
        return ts.ScriptSnapshot.fromString(isFaulty(file) ? this.#faulty(text) : text);
      },
      getCurrentDirectory: () => ROOT,
      getDefaultLibFileName: ts.getDefaultLibFilePath,
      fileExists: ts.sys.fileExists,
      readFile: ts.sys.readFile,
      readDirectory: ts.sys.readDirectory,
      directoryExists: ts.sys.directoryExists,
      getDirectories: ts.sys.getDirectories,
    });
  }

  #faulty(text: string): string {
    const { start, end, by } = this.#fault!;
    return text.slice(0, start) + by + text.slice(end);
  }

  refuses(mutant: Mutant): boolean {
    this.#fault = mutant;
    this.#count += 1;
    return this.#service.getSemanticDiagnostics(join(ROOT, mutant.file)).length > 0;
  }
}

const packages = new Map<string, Package>();

/** Whether the file of a fault does not compile with it. */
export function isRefused(mutant: Mutant): boolean {
  const name = mutant.file.split('/')[1]!;
  const known = packages.get(name) ?? new Package(name);
  packages.set(name, known);
  return known.refuses(mutant);
}
