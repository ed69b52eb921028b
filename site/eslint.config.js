import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist', 'target', 'node_modules'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  prettier,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } }
);
