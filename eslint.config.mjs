import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** What the core may not reach for: it gets the day, the chance and the world passed in. */
const outsideWorld = ['window', 'document', 'localStorage', 'process', 'fetch', 'navigator', 'require'].map(
  (name) => ({
    name,
    message: 'The core is pure: pass it in.',
  }),
);

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'data/**',
      '.cache/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    languageOptions: { globals: { ...globals.node } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
    },
  },
  {
    // What needs the types is looked at by oxlint (.oxlintrc.json), which shares the compiler of `npm test`.
    files: ['**/*.ts', '**/*.tsx'],
    rules: { '@typescript-eslint/consistent-type-imports': 'error' },
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', ...outsideWorld],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core has no clock: pass the day in.' },
        { object: 'Math', property: 'random', message: 'The core has no chance: pass it in.' },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    languageOptions: { globals: { ...globals.browser } },
    rules: {
      ...reactHooks.configs.recommended.rules,
      ...jsxA11y.configs.recommended.rules,
      'jsx-a11y/no-autofocus': 'off',
    },
  },
  {
    // Controls are made in web/src/parts; everything else uses those.
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['web/src/parts/**', '**/*.test.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: [{ name: 'react-aria-components', message: 'Use or make a part in web/src/parts.' }] },
      ],
      'no-restricted-syntax': [
        'error',
        ...['input', 'select', 'textarea', 'button', 'progress', 'details', 'dialog'].flatMap((element) => [
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
  },
  {
    files: [
      '**/*.config.{ts,mjs,js}',
      'e2e/setup.ts',
      'eslint.config.mjs',
      'jest.*.mjs',
      'scripts/jest-*.mjs',
      'scripts/fast-check.mjs',
    ],
    rules: { 'no-restricted-exports': 'off' },
  },
);
