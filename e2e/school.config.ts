import usual from './playwright.config.js';

/** A school of its own, set up on its first day: run by tools/school-test.sh. */
export default {
  ...usual,
  testMatch: 'school.{before,after}.ts',
  projects: [{ name: 'school' }],
  fullyParallel: false,
  workers: 1,
};
