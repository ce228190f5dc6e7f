import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** What a function's doc comment must not begin with: a riddle says what there is, not what comes back. */
const RIDDLE = /^\*\s*(?:What|Whether|Which|How|Who)\b/;
/** Doc comments of functions begin with a verb: `Returns the mean path, degrees, right positive`. Components are things, and may not. */
const noRiddles = {
  create(context) {
    const look = (node, name) => {
      if (name === undefined || /^[A-Z]/.test(name)) return;
      const doc = context.sourceCode.getCommentsBefore(node).at(-1);
      if (doc?.type === 'Block' && RIDDLE.test(doc.value))
        context.report({ node, message: 'Begin with a verb, and say what comes back.' });
    };
    const statement = (node) =>
      node.parent.type === 'ExportNamedDeclaration' ? node.parent : node;
    return {
      FunctionDeclaration: (node) => look(statement(node), node.id?.name),
      MethodDefinition: (node) => look(node, node.key.name),
      VariableDeclaration: (node) => {
        const [{ id, init }] = node.declarations;
        const isNothing = init?.returnType?.typeAnnotation.type === 'TSVoidKeyword';
        if (init?.type === 'ArrowFunctionExpression' && !isNothing) look(statement(node), id.name);
      },
    };
  },
};

export default tseslint.config(
  {
    ignores: [
      '**/dist/',
      'node_modules/',
      'server/drizzle/',
      'test-results/',
      'playwright-report/',
      'web/src/api/schema.gen.ts',
      '.data/',
    ],
  },
  js.configs.recommended,
  { files: ['**/*.{mjs,cjs}'], languageOptions: { globals: globals.node } },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
  },
  {
    files: ['{core,server,web,demo,simulators/*}/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.gen.ts', '**/testing/**'],
    plugins: { loxos: { rules: { 'no-riddles': noRiddles } } },
    rules: {
      'loxos/no-riddles': 'error',
      'max-lines-per-function': ['error', { max: 60, IIFEs: true }],
      'max-lines': ['error', { max: 400 }],
    },
  },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts', 'web/jest/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-empty-function': 'off',
    },
  },
);
