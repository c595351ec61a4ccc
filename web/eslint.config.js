import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['src/api/types.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    // the drawn models draw what they are given
    files: ['src/models/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['**/api/client', '**/api/queries'], message: 'A drawn model never calls the API.' },
            { group: ['@tanstack/*', 'react-router'], message: 'A drawn model knows nothing of servers or addresses.' },
            {
              group: ['../sheet/*', '../work/*', '../account/*'],
              message: 'Models are used by the rooms, not the other way.',
            },
          ],
        },
      ],
    },
  },
);
