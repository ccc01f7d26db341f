import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    { files: ['resources/js/**/*.js'], languageOptions: { globals: globals.browser } },
    { files: ['tests/browser/**/*.js', 'tests/engines/**/*.js', 'tests/script/**/*.js'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
    { rules: { eqeqeq: 'error', 'prefer-const': 'error', 'no-var': 'error' } },
];
