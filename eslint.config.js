import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Asked without a range, WebKit in a private window returns records whose value is null as well. */
const indexWalks = ['orderBy', 'sortBy'].map((name) => ({
  selector: `CallExpression[callee.property.name='${name}']`,
  message: 'Walk an index with byIndex, which asks with a range.',
}));

/** More than three words in JSX: as text, or as what an element is called. */
const fourWords = '/\\p{L}\\S*(\\s+\\S*\\p{L}\\S*){3}/u';
const sentences = ['JSXText', 'JSXAttribute:not([name.name="className"]) > Literal'].map(
  (node) => ({
    selector: `${node}[value=${fourWords}]`,
    message: 'Sentences are in words/: use a typed message.',
  }),
);

/** A colour in a class name that no theme knows. */
const rawColours = ['Literal', 'TemplateElement'].map((node) => ({
  selector: `JSXAttribute ${node}[value${node === 'Literal' ? '' : '.raw'}=/-\\[#[0-9a-f]/i]`,
  message: 'Colours are tokens of both themes: app/style.css.',
}));

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'test-results/**', '.cache/**'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      // A fifth of the time of all rules; what is deprecated, a newer version of its package removes.
      '@typescript-eslint/no-deprecated': 'off',
      // There are no enums, and no instances of classes are assigned structurally.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
    },
  },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**'],
    rules: {
      // A test says what is there; that it is not there is the failure it is for.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
    },
  },
  {
    // Components, and hooks: the rules of the React compiler read every function of a file.
    files: ['web/src/**/*.tsx', 'web/src/**/use*.ts'],
    extends: [reactHooks.configs.flat['recommended-latest']],
  },
  {
    files: ['web/src/**/*.tsx'],
    extends: [jsxA11y.flatConfigs.recommended],
    rules: {
      // What opens on a press takes the focus: where it was has gone.
      'jsx-a11y/no-autofocus': 'off',
      'jsx-a11y/label-has-associated-control': [
        'error',
        { controlComponents: ['NumberField', 'AmountField', 'Field', 'Input'], depth: 4 },
      ],
      // What scrolls takes the focus, so that it can be scrolled by keys.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'group'] }],
    },
  },
  {
    // A whole index is walked by byIndex alone.
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-syntax': ['error', ...indexWalks, ...rawColours] },
  },
  {
    files: ['web/src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...indexWalks, ...rawColours, ...sentences] },
  },
  {
    // The core has no clock, no randomness, no browser and no Node of its own.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'localStorage',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core has no randomness of its own.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core has no clock.',
        },
        {
          selector: 'Program > VariableDeclaration[kind="let"]',
          message: 'Nothing in the core changes: what a house has is handed in.',
        },
        {
          selector: 'Program > ExportNamedDeclaration > VariableDeclaration[kind="let"]',
          message: 'Nothing in the core changes: what a house has is handed in.',
        },
      ],
    },
  },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly' } },
  },
);
