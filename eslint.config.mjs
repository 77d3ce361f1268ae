import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

const config = [
  ...next,
  ...typescript,
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'max-lines': ['error', { max: 300, skipBlankLines: false }],
      'max-params': ['error', 4],
      complexity: ['error', 12],
      'no-console': 'error',
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'performance', 'process'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The clock is passed in.' },
        { object: 'Math', property: 'random', message: 'Randomness is passed in.' },
      ],
    },
  },
  { ignores: ['.next/**', 'node_modules/**', 'data/**', 'next-env.d.ts', 'public/sw.js'] },
];
export default config;
