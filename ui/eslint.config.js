import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

export default defineConfig([
  globalIgnores(['src/api/schema.generated.ts']),
  {
    files: ['src/**/*.{ts,tsx}'],
    extends: [
      js.configs.recommended,
      tseslint.configs.recommendedTypeChecked,
      reactHooks.configs.flat.recommended,
    ],
    languageOptions: { parserOptions: { projectService: true } },
  },
  {
    // What a person reads stands in words/en.json. What cannot be told from code by its form is left to the eye.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/**/*.test.*', 'src/tests/**', 'src/**/*.generated.ts', 'src/theme/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...[
          'JSXText[value=/[a-z]{2}/i]',
          'JSXAttribute[name.name=/^(title|label|note|alt|placeholder|helperText|what|words|aria-label)$/] > Literal[value=/[a-z]{2}/i]',
          'JSXAttribute[name.name=/^(title|label|note|alt|placeholder|helperText|what|words|aria-label)$/] TemplateElement[value.raw=/(^|[ ])[a-z]{2,}([,.:;]? |[,:;]?$)/i]',
          ':not(ImportDeclaration, NewExpression, JSXAttribute) > Literal:not(.key)[value=/^(?![^]*([(@]|[0-9]fr)).*[a-z]{2,}[,.:;]? [a-z]{2,}/i]',
          ':not(TaggedTemplateExpression, NewExpression) > TemplateLiteral > TemplateElement[value.raw=/(^|[^a-z-])[a-z]{3,}[,.:;]? [a-z]/i]',
        ].map((selector) => ({ selector, message: 'Words belong to words/en.json: say(…).' })),
      ],
    },
  },
]);
