import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

// which room may know which; the same names as on the other floors (docs/house.md)
const rooms = {
  api: [],
  ui: [],
  models: ['api', 'ui'],
  classroom: ['api', 'models', 'ui'],
  account: ['api', 'ui'],
  school: ['api', 'ui'],
  mistake: ['api', 'ui'],
  sheet: ['api', 'classroom', 'models', 'ui'],
  marking: ['api', 'classroom', 'ui'],
  evidence: ['api', 'classroom', 'ui'],
  practice: ['api', 'classroom', 'models', 'ui'],
  printing: ['api', 'classroom', 'sheet', 'ui'],
  activity: ['api', 'classroom', 'models', 'printing', 'ui'],
  plan: ['api', 'board', 'classroom', 'models', 'printing', 'ui'],
  timetable: ['api', 'classroom', 'models', 'sheet', 'ui'],
  work: ['api', 'models', 'sheet', 'ui'],
  board: ['api', 'classroom', 'models', 'ui', 'work'],
};
// shell stands on top: it knows all of them, and none knows it
const all = [...Object.keys(rooms), 'shell'];

const elsewhere = (room, knows) => ({
  group: all.filter((other) => other !== room && !knows.includes(other)).map((other) => `**/${other}/**`),
  message: `The room ${room} knows ${knows.length === 0 ? 'no other' : knows.join(', ')} (eslint.config.js).`,
});

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
  ...Object.entries(rooms).map(([room, knows]) => ({
    files: [`src/${room}/**`],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            elsewhere(room, knows),
            ...(room === 'models'
              ? [
                  // the drawn models draw what they are given
                  { group: ['**/api/client', '**/api/queries'], message: 'A drawn model never calls the API.' },
                  {
                    group: ['@tanstack/*', 'react-router'],
                    message: 'A drawn model knows nothing of servers or addresses.',
                  },
                ]
              : []),
          ],
        },
      ],
    },
  })),
);
