import base from './playwright.config.js';

/** Takes the pictures in docs/screenshots anew, from the demonstration classroom of a running Rostik. */
export default { ...base, projects: [{ name: 'screenshots' }], testMatch: 'screenshots.ts', workers: 1 };
