import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const ENVIRONMENT = [
  'packages/data/src/environment.ts',
  'apps/web/src/server/environment.ts',
  'apps/web/src/instrumentation.ts',
  'apps/counter/src/environment.ts',
];

export default tseslint.config(
  { ignores: ['**/node_modules/', '**/.next/', '**/next-env.d.ts', 'docs/'] },
  // rules that ask for types are in .oxlintrc.json: a linter that knows them in a quarter of the time
  tseslint.configs.recommended,
  {
    files: ['packages/*/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'max-lines': ['error', { max: 260, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['packages/**/*.ts', 'apps/**/*.{ts,tsx}'],
    ignores: [...ENVIRONMENT, '**/*.test.ts', '**/*.test.tsx', '**/tests/**', '**/cli/**'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'process', property: 'env', message: 'the environment is read in environment.ts alone' },
      ],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'fetch', 'setTimeout', 'setInterval', 'performance', 'crypto', 'console'],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'the core has no clock' },
        { selector: "MemberExpression[object.name='Date'][property.name='now']", message: 'the core has no clock' },
        { selector: "MemberExpression[object.name='Math'][property.name='random']", message: 'chance is passed in' },
      ],
    },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { '@next/next': next, 'react-hooks': hooks },
    rules: { ...next.configs.recommended.rules, 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
    settings: { next: { rootDir: 'apps/web' } },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  { linterOptions: { reportUnusedDisableDirectives: 'error' } },
);
