import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

/** Compiles state modules, gives `?raw` files as their text; everything else goes on to the next loader. */
export async function load(url, context, next) {
  const [path, query] = url.split('?');
  if (query === 'raw') {
    const text = await readFile(fileURLToPath(path), 'utf8');
    return {
      format: 'module',
      source: `export default ${JSON.stringify(text)};`,
      shortCircuit: true
    };
  }
  if (!path.endsWith('.svelte.ts')) return next(url, context);
  // Most tests load none, and should not wait for a compiler.
  const [{ compileModule }, { default: ts }] = await Promise.all([
    import('svelte/compiler'),
    import('typescript')
  ]);
  const filename = fileURLToPath(path);
  const { outputText } = ts.transpileModule(await readFile(filename, 'utf8'), {
    compilerOptions: {
      target: ts.ScriptTarget.ESNext,
      module: ts.ModuleKind.ESNext,
      verbatimModuleSyntax: true
    }
  });
  const { js } = compileModule(outputText, { filename, generate: 'client' });
  return { format: 'module', source: js.code, shortCircuit: true };
}
