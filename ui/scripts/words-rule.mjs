// What a person reads stands in words/en.json. What cannot be told from code by its form is left to the eye.
const WRITTEN_HERE = [
  'JSXText[value=/[a-z]{2}/i]',
  'JSXAttribute[name.name=/^(title|label|note|alt|placeholder|helperText|what|words|aria-label)$/] > Literal[value=/[a-z]{2}/i]',
  'JSXAttribute[name.name=/^(title|label|note|alt|placeholder|helperText|what|words|aria-label)$/] TemplateElement[value.raw=/(^|[ ])[a-z]{2,}([,.:;]? |[,:;]?$)/i]',
  ':not(ImportDeclaration, NewExpression, JSXAttribute) > Literal:not(.key)[value=/^(?![^]*([(@]|[0-9]fr)).*[a-z]{2,}[,.:;]? [a-z]{2,}/i]',
  ':not(TaggedTemplateExpression, NewExpression) > TemplateLiteral > TemplateElement[value.raw=/(^|[^a-z-])[a-z]{3,}[,.:;]? [a-z]/i]',
];

export default {
  meta: { name: 'lumbro' },
  rules: {
    'words-in-their-file': {
      create: (context) =>
        Object.fromEntries(
          WRITTEN_HERE.map((selector) => [
            selector,
            (node) => context.report({ node, message: 'Words belong to words/en.json: say(…).' }),
          ]),
        ),
    },
  },
};
