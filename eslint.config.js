import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['public/build', 'vendor', 'node_modules', 'var', 'resources/js/api/schema.d.ts'] },
    ...tseslint.configs.strictTypeChecked,
    {
        languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': reactHooks },
        rules: {
            ...reactHooks.configs.recommended.rules,
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true, allowBoolean: true }],
            '@typescript-eslint/consistent-type-imports': 'error',
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
        },
    },
    {
        // Sizes of type and heights of what is pressed are tokens of the theme; in a drawing they are figures of the drawing.
        files: ['resources/js/**/*.tsx'],
        ignores: ['**/SplitSection.tsx', '**/CurveChart.tsx', '**/*.test.tsx'],
        rules: { 'no-restricted-syntax': ['error', { selector: 'Property[key.name="fontSize"] > Literal[raw=/^[0-9]/]', message: 'Use a size of tokens.css, such as var(--text-plain).' }, { selector: 'Property[key.name="minHeight"] > Literal[raw=/^(2[0-9]|3[0-9])$/]', message: 'Use a height of tokens.css, such as var(--press-usual).' }] },
    },
    {
        // A room knows what all rooms share, and no other room; what is shared knows no room.
        files: ['resources/js/rooms/**/*.{ts,tsx}'],
        rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: '^\\.\\./(?!\\.\\.)', message: 'A room imports from shared and api only; put what two rooms use into shared.' }] }] },
    },
    {
        files: ['resources/js/shared/**/*.{ts,tsx}', 'resources/js/api/**/*.{ts,tsx}'],
        ignores: ['**/*.test.*'],
        rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: '/rooms/', message: 'What is shared knows no room.' }] }] },
    },
);
