const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier');

const noClock = [
  {
    selector: "MemberExpression[object.name='Date'][property.name='now']",
    message: 'Only the clock port reads the clock.',
  },
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: 'Only the clock port reads the clock.',
  },
  { selector: "MemberExpression[object.name='Math'][property.name='random']", message: 'Pass a seeded generator in.' },
];

/** A text of four words or more. */
const FOUR_WORDS = String.raw`/(?:[A-Za-z’]{2,}[,;:.…?!”)]*\s+(?:\S{1,2}\s+)*){3}[“(]?[A-Za-z’]{2,}/`;
const inWording = ['Literal[value=', 'JSXText[value=', 'TemplateElement[value.raw='].map((of) => ({
  selector: `${of}${FOUR_WORDS}]`,
  message: 'What is read on a page stands in wording/pages.',
}));

module.exports = [
  ...expo,
  prettier,
  { ignores: ['node_modules/', 'dist/', 'build/', '.cache/', '.expo/', 'core/holdtable/table.ts'] },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': ['error', ...noClock],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      // The types say it already; these would read every module once more for it.
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
      'react-hooks/exhaustive-deps': 'error',
      // Sentences may run on; code and comments may not.
      'max-len': [
        'error',
        { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreUrls: true, ignoreRegExpLiterals: true },
      ],
    },
  },
  {
    // Controls come from the interface library; what wraps them stands in ui/parts. Not its dialog: on the web it lets the
    // focus out.
    files: ['ui/**', 'app/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'react-native',
              importNames: [
                'Pressable',
                'TextInput',
                'Button',
                'Switch',
                'TouchableOpacity',
                'TouchableHighlight',
                'TouchableWithoutFeedback',
                'ActivityIndicator',
              ],
              message: 'Take the control of react-native-paper, or its wrapper in ui/parts.',
            },
          ],
        },
      ],
    },
  },
  {
    // What shows the water, the lures or the plan is not drawn anew for a cast.
    files: ['ui/{water,lures,retrieve,kit/box}/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/day/contexts'],
              importNames: ['useBook', 'useLog'],
              message: 'Read what is needed of useBookWithoutLog, or of the mood.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['ui/**', 'app/**'],
    ignores: ['**/*.test.{ts,tsx}', 'ui/platform/clock.ts'],
    rules: { 'no-restricted-syntax': ['error', ...noClock, ...inWording] },
  },
  {
    files: ['scripts/**/*.cjs'],
    languageOptions: {
      globals: { __dirname: 'readonly', module: 'writable', require: 'readonly', process: 'readonly' },
    },
  },
  { files: ['ui/platform/clock.ts', 'e2e/**', 'scripts/**'], rules: { 'no-restricted-syntax': 'off' } },
];
