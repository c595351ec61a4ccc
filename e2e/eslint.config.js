import js from '@eslint/js';
import ts from 'typescript-eslint';

// A screen is on its way when it is looked at: what is said of it is waited for, never read once.
const once = {
  selector:
    'CallExpression[callee.name="expect"] > AwaitExpression > CallExpression[callee.property.name=/^(evaluate|evaluateAll|count|textContent|allTextContents|innerText|allInnerTexts|getAttribute|inputValue|isVisible|boundingBox)$/]',
  message: 'Read once, a screen may not be there yet: use an assertion that waits, or expect.poll.',
};
const moving = {
  selector: 'CallExpression[callee.property.name="boundingBox"]',
  message: 'It may still be moving: use placeOf.',
};
const slept = {
  selector: 'CallExpression[callee.property.name="waitForTimeout"]',
  message: 'Wait for what is to come, not for a time.',
};

export default ts.config(
  { ignores: ['results/**'] },
  js.configs.recommended,
  ...ts.configs.strict,
  { files: ['**/*.ts'], rules: { 'no-restricted-syntax': ['error', once, moving, slept] } },
  { files: ['desk.ts'], rules: { 'no-restricted-syntax': ['error', once, slept] } },
  // pictures for the documents are taken when a movement is over, and hang on nothing
  { files: ['screenshots.ts', 'kills.ts'], rules: { 'no-restricted-syntax': 'off' } },
);
