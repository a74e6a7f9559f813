import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

/**
 * Rooms that may know the same things are one program: the pure ones, those of Node, the web, the tests. Each file is checked in
 * its own and only read in the others, where `tsc -p` would check it again; what several read is parsed once.
 */
const PROGRAMS = ['tsconfig.pure.json', 'tsconfig.node.json', 'apps/web/tsconfig.json', 'tsconfig.tests.json'];

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const parsed = new Map();
const isChecked = new Set();
const problems = PROGRAMS.flatMap((name) => problemsOf(join(root, name)));
if (problems.length > 0) {
  const host = { getCurrentDirectory: () => root, getCanonicalFileName: (name) => name, getNewLine: () => '\n' };
  console.error(ts.formatDiagnosticsWithColorAndContext(problems, host));
}
console.log(`${problems.length} problem${problems.length === 1 ? '' : 's'} of types`);
process.exitCode = problems.length > 0 ? 1 : 0;

function problemsOf(config) {
  const { options, fileNames, errors } = ts.getParsedCommandLineOfConfigFile(
    config,
    {},
    { ...ts.sys, onUnRecoverableConfigFileDiagnostic: fail },
  );
  const plain = { ...options, incremental: false, tsBuildInfoFile: undefined };
  const host = ts.createCompilerHost(plain);
  const program = ts.createProgram({
    rootNames: fileNames,
    options: plain,
    host: {
      ...host,
      getSourceFile: (name, target) => {
        const key = `${name} ${target.impliedNodeFormat}`;
        if (!parsed.has(key)) parsed.set(key, host.getSourceFile(name, target));
        return parsed.get(key);
      },
    },
  });
  const own = fileNames.map((name) => program.getSourceFile(name)).filter((file) => file && !isChecked.has(file.fileName));
  for (const { fileName } of own) isChecked.add(fileName);
  return [
    ...errors,
    ...program.getOptionsDiagnostics(),
    ...program.getGlobalDiagnostics(),
    ...own.flatMap((file) => [...program.getSyntacticDiagnostics(file), ...program.getSemanticDiagnostics(file)]),
  ];
}

function fail(diagnostic) {
  throw new Error(ts.flattenDiagnosticMessageText(diagnostic.messageText, '\n'));
}
