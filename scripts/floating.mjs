import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { parse } from '@vue/compiler-sfc';
import ts from 'typescript';
import { say } from './lib/say.mjs';

/*
 * Promises that nobody waits for in the web's components and modules. The typed rules of eslint build a program a component
 * and take minutes, so that this looks at all of them in one program.
 */
const root = path.resolve('web/src');
const scripts = new Map();
const modules = [];
for (const name of readdirSync(root, { recursive: true, encoding: 'utf8' })) {
  if (name.endsWith('.ts') && !name.endsWith('.d.ts')) modules.push(path.join(root, name));
  if (!name.endsWith('.vue')) continue;
  const { scriptSetup } = parse(readFileSync(path.join(root, name), 'utf8')).descriptor;
  if (!scriptSetup) continue;
  // Lines keep their numbers.
  const before = '\n'.repeat(scriptSetup.loc.start.line - 1);
  scripts.set(path.join(root, `${name}.ts`), `${before}${scriptSetup.content}\nexport {};\n`);
}

const { config } = ts.readConfigFile('web/tsconfig.json', ts.sys.readFile);
const { options } = ts.parseJsonConfigFileContent(config, ts.sys, 'web');
const host = ts.createCompilerHost(options);
const { fileExists, readFile, getSourceFile } = host;
host.fileExists = (file) => scripts.has(file) || fileExists.call(host, file);
host.readFile = (file) => scripts.get(file) ?? readFile.call(host, file);
host.getSourceFile = (file, target, ...more) =>
  scripts.has(file)
    ? ts.createSourceFile(file, scripts.get(file), target, true)
    : getSourceFile.call(host, file, target, ...more);
const shims = path.join(root, 'shims.d.ts');
const program = ts.createProgram([...scripts.keys(), ...modules, shims], options, host);
const checker = program.getTypeChecker();

/** Whether somebody could wait for it: it has a `then` that is called. */
function isPromise(type) {
  if (type.isUnion()) return type.types.some(isPromise);
  const then = type.getProperty('then');
  if (!then) return false;
  return checker.getTypeOfSymbol(then).getCallSignatures().length > 0;
}
/** `.catch(…)` and `.then(…, …)` hear of a failure. */
function isHandled(call) {
  if (!ts.isCallExpression(call) || !ts.isPropertyAccessExpression(call.expression)) return false;
  const { text } = call.expression.name;
  return text === 'catch' || (text === 'then' && call.arguments.length === 2);
}

const found = [];
let looked = 0;
for (const file of [...scripts.keys(), ...modules]) {
  const source = program.getSourceFile(file);
  (function walk(node) {
    if (ts.isExpressionStatement(node)) {
      const { expression } = node;
      if (ts.isCallExpression(expression)) looked++;
      // What is kept is waited for elsewhere.
      const kept = ts.isBinaryExpression(expression);
      const waits = kept || ts.isVoidExpression(expression) || ts.isAwaitExpression(expression);
      if (!waits && !isHandled(expression) && isPromise(checker.getTypeAtLocation(expression))) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        found.push(
          `${path.relative('.', file).replace(/\.vue\.ts$/, '.vue')}:${line + 1}: ${node.getText()}`,
        );
      }
    }
    ts.forEachChild(node, walk);
  })(source);
}
if (found.length > 0)
  say(`Nobody waits for these promises (say “void” where that is meant):\n${found.join('\n')}`);
else
  say(
    `${looked} calls in ${scripts.size} components and ${modules.length} modules: each promise is waited for.`,
  );
process.exit(found.length > 0 ? 1 : 0);
