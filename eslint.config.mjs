import parser from '@typescript-eslint/parser';
import { defineConfig } from 'eslint/config';

const byHand = ['input', 'select', 'textarea', 'button', 'progress', 'details', 'dialog'];

/** Controls are made in web/src/parts; everything else uses those. All other rules are oxlint's (.oxlintrc.json). */
export default defineConfig({
  files: ['web/src/**/*.{ts,tsx}'],
  ignores: ['web/src/parts/**', '**/*.test.tsx'],
  languageOptions: { parser },
  // What is said to oxlint is not this one's to judge.
  linterOptions: { reportUnusedDisableDirectives: 'off' },
  rules: {
    'no-restricted-imports': [
      'error',
      { paths: [{ name: 'react-aria-components', message: 'Use or make a part in web/src/parts.' }] },
    ],
    'no-restricted-syntax': [
      'error',
      ...byHand.flatMap((element) => [
        {
          selector: `JSXOpeningElement[name.name="${element}"]`,
          message: `A native <${element}>: use a part from web/src/parts.`,
        },
        {
          selector: `MemberExpression[object.name="styled"][property.name="${element}"]`,
          message: `A native ${element}: use a part from web/src/parts.`,
        },
      ]),
      {
        selector:
          'JSXAttribute[name.name="role"][value.value=/^(combobox|listbox|option|menu|menuitem|dialog|tab|switch|checkbox|radio|spinbutton|textbox|searchbox)$/]',
        message: 'A control by hand: use a part from web/src/parts.',
      },
    ],
  },
});
