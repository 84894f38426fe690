import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const TIME_AND_CHANCE = [
  { object: 'Date', property: 'now', message: 'The core is given the time as an argument.' },
  { object: 'Math', property: 'random', message: 'The core is given a seeded generator.' },
];

export default tseslint.config(
  {
    ignores: ['**/dist/**', '**/node_modules/**', '.data/**', 'coverage/**', 'test-results/**', 'playwright-report/**'],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strict, ...tseslint.configs.stylistic],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/method-signature-style': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-console': 'error',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.d.ts'],
    rules: {
      'no-restricted-properties': ['error', ...TIME_AND_CHANCE],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportDefaultDeclaration', message: 'The core has named exports only.' },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    extends: [jsxA11y.flatConfigs.recommended, reactHooks.configs.flat.recommended],
    languageOptions: { globals: globals.browser },
    rules: {
      // The classes that check bodies are not for a page's first script.
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '@bent-pail/contract',
              allowTypeImports: true,
              message: 'Take values from @bent-pail/contract/choices.',
            },
          ],
        },
      ],
      // A scrolling block of code must be reachable by keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: ['pre'] }],
    },
  },
  // Controls stand in the kit, where they have our own look; sizes of type are nine.
  {
    files: ['web/src/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'web/src/kit/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'JSXOpeningElement[name.name="select"]', message: 'A choice is kit/Choice.' },
        {
          selector:
            'JSXOpeningElement[name.name="input"] > JSXAttribute[name.name="type"][value.value=/^(checkbox|radio|date|time|datetime-local)$/]',
          message: 'A box is kit/Check, one of a few is kit/OneOf, a day is kit/DateField.',
        },
        {
          selector:
            'ImportDeclaration[source.value="radix-ui"] > ImportSpecifier[imported.name=/Dialog$|^(Select|Checkbox|RadioGroup)$/]',
          message: 'The kit has a part for this.',
        },
        {
          selector: ':matches(Literal[value=/text-.[0-9.]+px/], TemplateElement[value.raw=/text-.[0-9.]+px/])',
          message: 'A size of type is one of the nine in app/styles.css.',
        },
      ],
    },
  },
  // Services decide; what is asked of the database stands in repositories.
  {
    files: ['server/src/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/repository.ts',
      '**/*Repository.ts',
      'server/src/database/**',
      'server/src/backup/**',
      'server/src/testing/**',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.property.name=/^(query|createQueryBuilder|getRepository)$/]',
          message: 'SQL stands in a repository.',
        },
        {
          selector:
            'CallExpression[callee.property.name=/^(find|count|exists|insert|save|update|upsert|delete|remove)/]:matches([callee.object.name=/[mM]anager$/], [callee.object.property.name=/[mM]anager$/])',
          message: 'What is asked of the database stands in a repository.',
        },
      ],
    },
  },
  // Tables of data, one line an entry.
  {
    files: ['core/src/recipes/fixtures/*.ts', 'contract/src/calc/calc.test.ts'],
    rules: { 'max-lines': 'off' },
  },
  {
    files: ['**/*.mjs', '*.js', '*.cjs', '.dependency-cruiser.cjs'],
    languageOptions: { globals: { ...globals.node, fetch: 'readonly' } },
  },
  prettier,
);
