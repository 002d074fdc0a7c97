import { ESLint } from 'eslint';
import { expect, test } from 'vitest';

test('a sentence in JSX is refused: it belongs into words/', async () => {
  const lint = new ESLint();
  const config = (await lint.calculateConfigForFile('web/src/screens/plans/PlanScreen.tsx')) as {
    rules: Record<string, readonly unknown[]>;
  };
  const linter = new ESLint({
    overrideConfigFile: true,
    baseConfig: [
      {
        files: ['**/*.jsx'],
        languageOptions: { parserOptions: { ecmaFeatures: { jsx: true } } },
        rules: { 'no-restricted-syntax': config.rules['no-restricted-syntax'] as never },
      },
    ],
  });
  const messages = async (text: string): Promise<number> =>
    (await linter.lintText(text, { filePath: 'one.jsx' })).flatMap((file) => file.messages).length;
  expect(await messages('const a = <p>Nothing was saved yet.</p>;')).toBe(1);
  expect(await messages('const a = <p aria-label="Nothing was saved yet" />;')).toBe(1);
  expect(await messages('const a = <p className="flex grid gap mx">Nothing yet</p>;')).toBe(0);
});
