/**
 * What one thing is called everywhere. The list with its reasons is `docs/words.md`; `called.test.ts` holds the screens to
 * it. Whatever is in several places takes its name from here.
 */
export const called = {
  onTheBoard: 'On the board',
  newNumbers: 'New numbers',
  otherQuestions: 'Other questions',
  undo: 'Undo',
  delete: 'Delete',
  save: 'Save',
  export: 'Export',
  exportCsv: 'Export CSV',
  import: 'Import',
  skill: 'Skill',
  amOrPm: 'a.m. or p.m.',
} as const;
