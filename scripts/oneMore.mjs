// Adds one condition, one allergy family, one kind of container, one place and one rule to a copy in
// memory, and says in which files the compiler then asks for more: what each truly costs. Fails where
// that is not what docs/house.md says.
import { readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { root } from './lib/setup.mjs';

const additions = [
  {
    what: 'a condition',
    file: 'core/src/catalog/conditions.ts',
    before: '  anticoagulants: {',
    add: "  'one more': {},\n",
    asks: ['core/src/catalog/conditionNames.ts', 'core/src/words/conditions.ts'],
  },
  {
    what: 'an allergy family',
    file: 'core/src/catalog/allergyFamilies.ts',
    before: "  'tree nut': {",
    add: "  'one more': {},\n",
    asks: ['core/src/catalog/allergyNames.ts', 'core/src/words/conditions.ts'],
  },
  {
    what: 'a kind of container',
    file: 'core/src/catalog/containerKinds.ts',
    before: "  'roll-on': {",
    add: "  'one more': { runs: false, dose: null, setsInMinutes: null },\n",
    asks: [
      'core/src/reading/recipe/containers.ts',
      'core/src/words/containers.ts',
      'web/src/parts/container/open.tsx',
    ],
  },
  {
    what: 'a place',
    file: 'core/src/catalog/places.ts',
    before: '  face: usual,',
    add: "  'one more': usual,\n",
    asks: ['core/src/words/brief.ts'],
  },
  {
    what: 'a rule',
    file: 'core/src/limits/ruleIds.ts',
    before: "  'whole-blend': {",
    add: "  'one more': { chapter: 'oils' },\n",
    asks: ['core/src/limits/registry.ts', 'core/src/words/nothingFound.ts'],
  },
];

const sources = new Map();
for (const { file, before, add } of additions) {
  const path = join(root, file);
  const text = sources.get(path) ?? readFileSync(path, 'utf8');
  if (!text.includes(before)) throw new Error(`${file} has no line “${before}”`);
  sources.set(path, text.replace(before, add + before));
}

const asked = new Set();
for (const part of ['core', 'web']) {
  const config = ts.getParsedCommandLineOfConfigFile(join(root, part, 'tsconfig.json'), {}, ts.sys);
  const host = ts.createCompilerHost(config.options);
  const read = host.getSourceFile.bind(host);
  host.getSourceFile = (name, options, ...more) => {
    const text = sources.get(ts.sys.realpath(name));
    return text === undefined
      ? read(name, options, ...more)
      : ts.createSourceFile(name, text, options, true);
  };
  const program = ts.createProgram(config.fileNames, config.options, host);
  for (const { file } of ts.getPreEmitDiagnostics(program)) {
    if (file) asked.add(relative(root, ts.sys.realpath(file.fileName)));
  }
}

const expected = new Set(additions.flatMap(({ asks }) => asks));
for (const { what, asks } of additions) {
  console.log(`${what}: ${asks.filter((file) => asked.has(file)).join(', ') || 'nothing'}`);
}
const other = [...asked].filter((file) => !expected.has(file));
const missing = [...expected].filter((file) => !asked.has(file));
if (other.length > 0) console.log(`also asked for in: ${other.join(', ')}`);
if (missing.length > 0) console.log(`no longer asked for in: ${missing.join(', ')}`);
process.exitCode = other.length + missing.length > 0 ? 1 : 0;
