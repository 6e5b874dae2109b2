// A Babel plugin: what is imported by name from an index of the core is imported from the file that has it. The bundler keeps or leaves whole files, so
// that an index that is named keeps all it gathers.
const { existsSync, readdirSync, readFileSync } = require('node:fs');
const { dirname, join, relative, resolve } = require('node:path');

const CORE = dirname(require.resolve('@potter/core/package.json'));
const INDEX = 'index.ts';
/** What an import of a whole file is called where another takes one name. */
const WHOLE = '*';

/** The file an import means, where it is one of the core's. */
function fileOf(from, specifier) {
  const [, name] = /^@potter\/core\/(.+)$/.exec(specifier) ?? [];
  const to = name
    ? join(CORE, 'src', name)
    : specifier.startsWith('.') && resolve(dirname(from), specifier);
  if (!to || !to.startsWith(CORE)) return undefined;
  return [`${to}.ts`, join(to, INDEX)].find((file) => existsSync(file));
}

/** Where an index has its names from: by name, `[file, name there]`; and files all of whose names are its own. */
const gathered = new Map();
function gatheredIn(file, parse) {
  const known = gathered.get(file);
  if (known) return known;
  const names = new Map();
  const all = [];
  const brought = new Map();
  gathered.set(file, { names, all });
  for (const node of parse(readFileSync(file, 'utf8')).program.body) {
    const of = node.source && fileOf(file, node.source.value);
    if (node.type === 'ImportDeclaration' && of)
      for (const { local, imported } of node.specifiers)
        brought.set(local.name, [of, imported ? imported.name : WHOLE]);
    else if (node.type === 'ExportAllDeclaration' && of) all.push(of);
    else if (node.type === 'ExportNamedDeclaration')
      for (const { type, local, exported } of node.specifiers)
        if (type === 'ExportNamespaceSpecifier') names.set(exported.name, [of, WHOLE]);
        else if (of) names.set(exported.name, [of, local.name]);
        else if (brought.has(local.name)) names.set(exported.name, brought.get(local.name));
  }
  return gathered.get(file);
}

/** The file that has a name an index gathers, and what it is called there; undefined where the index has it itself. */
function found(file, name, parse) {
  if (!file.endsWith(`/${INDEX}`)) return undefined;
  const { names, all } = gatheredIn(file, parse);
  const named = names.get(name);
  if (named) return (named[1] !== WHOLE && found(named[0], named[1], parse)) || named;
  for (const other of all) {
    const there = found(other, name, parse) ?? (has(other, name, parse) && [other, name]);
    if (there) return there;
  }
  return undefined;
}

/** Whether a file declares and exports a name. */
function has(file, name, parse) {
  return parse(readFileSync(file, 'utf8')).program.body.some(
    ({ type, declaration, specifiers = [] }) =>
      type === 'ExportNamedDeclaration' &&
      (declaration
        ? (declaration.declarations ?? [declaration]).some(({ id }) => id.name === name)
        : specifiers.some(({ exported }) => exported.name === name)),
  );
}

module.exports = ({ types: t, parseSync }) => {
  const parse = (code) =>
    parseSync(code, {
      filename: INDEX,
      configFile: false,
      babelrc: false,
      parserOpts: { plugins: ['typescript'] },
    });
  /** Parts specifiers of an index by the file that has them. */
  const straightened = (from, { source, specifiers }, nameOf, whole) => {
    const file = fileOf(from, source.value);
    if (!file?.endsWith(`/${INDEX}`)) return undefined;
    const byFile = new Map();
    for (const specifier of specifiers) {
      if (specifier.importKind === 'type' || specifier.exportKind === 'type') continue;
      const name = nameOf(specifier);
      const [to, there] = (name && found(file, name, parse)) || [file, name];
      const key = there === WHOLE ? `${to}${WHOLE}` : to;
      byFile.set(key, [...(byFile.get(key) ?? []), whole(specifier, there)]);
    }
    return [...byFile].map(([key, own]) => {
      const path = relative(dirname(from), key.replace(WHOLE, '')).replaceAll('\\', '/');
      return [own, t.stringLiteral(path.startsWith('.') ? path : `./${path}`)];
    });
  };
  return {
    visitor: {
      // Before types are taken out, which tells by the names that are left.
      Program(program, { filename }) {
        for (const path of program.get('body')) {
          const { node } = path;
          if (path.isImportDeclaration()) {
            if (node.importKind === 'type') continue;
            const parts = straightened(
              filename,
              node,
              (s) => (t.isImportSpecifier(s) ? s.imported.name : undefined),
              (s, there) =>
                there === undefined
                  ? s
                  : there === WHOLE
                    ? t.importNamespaceSpecifier(s.local)
                    : t.importSpecifier(s.local, t.identifier(there)),
            );
            if (parts) path.replaceWithMultiple(parts.map((p) => t.importDeclaration(...p)));
          } else if (path.isExportNamedDeclaration() && node.source && node.exportKind !== 'type') {
            const parts = straightened(
              filename,
              node,
              (s) => (t.isExportSpecifier(s) ? s.local.name : undefined),
              (s, there) =>
                there === undefined
                  ? s
                  : there === WHOLE
                    ? t.exportNamespaceSpecifier(s.exported)
                    : t.exportSpecifier(t.identifier(there), s.exported),
            );
            if (parts)
              path.replaceWithMultiple(
                parts.map(([own, of]) => t.exportNamedDeclaration(null, own, of)),
              );
          }
        }
      },
    },
  };
};

/** Every index of the core: what is made of a file changes with them. */
module.exports.indexes = () =>
  readdirSync(join(CORE, 'src'), { recursive: true })
    .filter((name) => name.endsWith(INDEX))
    .map((name) => join(CORE, 'src', name))
    .sort();
