import usual from './playwright.config.js';

/** Servers and browsers are killed: run by ./rostik test kills alone. */
export default { ...usual, testMatch: 'kills.ts', projects: [{ name: 'kills' }], workers: 1 };
