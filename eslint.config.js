import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['public/build', 'vendor', 'node_modules', 'var', 'resources/js/api/schema.d.ts'] },
    ...tseslint.configs.strictTypeChecked,
    {
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': reactHooks },
        rules: {
            ...reactHooks.configs.recommended.rules,
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true, allowBoolean: true }],
            '@typescript-eslint/consistent-type-imports': 'error',
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
        },
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
