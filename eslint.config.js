import angular from 'angular-eslint';
import importPlugin from 'eslint-plugin-import';
import { readdirSync } from 'node:fs';
import tseslint from 'typescript-eslint';

/** design: the only directions in which imports may go. */
const DIRECTIONS = [
  { from: 'core', allow: [] },
  { from: 'contract', allow: ['core'] },
  { from: 'memory', allow: ['core'] },
  { from: 'server', allow: ['core', 'contract', 'memory'] },
  { from: 'cli', allow: ['core', 'contract'] },
  { from: 'web', allow: ['core', 'contract', 'memory'] },
  { from: 'e2e', allow: [] },
  { from: 'scripts', allow: ['core', 'contract', 'memory', 'server'] },
];
const roomNames = DIRECTIONS.map(({ from }) => from);

/** A room names another by its package, and only one it may use; never by a path into it. */
const forbidden = (from, allow) => [
  ...roomNames
    .filter((name) => name !== from && !allow.includes(name))
    .map((name) => ({
      group: [`@sleetcrest/${name}`, `@sleetcrest/${name}/*`],
      message: `${from} may not import ${name} (docs/architecture.md)`,
    })),
  ...roomNames
    .filter((name) => name !== from)
    .map((name) => ({
      group: [`../**/${name}/src/**`, `../**/${name}/dist/**`, `../${name}/**`],
      message: `import ${name} by its package, if ${from} may use it (docs/architecture.md)`,
    })),
];

/**
 * The floors of the pages (design: web): what a folder of `web/src/app` may import beside itself. What is
 * shared lies below, each subject whole in one place, and a page imports no other page.
 */
const FLOORS = {
  base: [],
  ui: ['base'],
  subjects: ['base', 'ui'],
  devices: ['base', 'ui'],
};
const APP = './web/src/app';
const subjects = readdirSync(new URL(`${APP}/subjects`, import.meta.url));
const views = readdirSync(new URL(`${APP}/views`, import.meta.url));
const zones = [
  ...Object.entries(FLOORS).map(([floor, allowed]) => ({
    target: `${APP}/${floor}`,
    from: APP,
    except: [`./${floor}`, ...allowed.map((one) => `./${one}`)],
    message: `${floor} may import ${allowed.join(', ') || 'nothing else of the pages'}`,
  })),
  ...views.map((view) => ({
    target: `${APP}/views/${view}`,
    from: APP,
    except: [`./views/${view}`, ...Object.keys(FLOORS).map((floor) => `./${floor}`)],
    message: 'a view imports no other view: what they share stands on a floor below',
  })),
];

/**
 * A subject is entered by its `index.ts`, by the `index.ts` of its work, or by one of its parts, which a page
 * may load when it shows it. What is put together in `frame/` and the root enters where it likes.
 */
const door = (files, under, others) => ({
  files,
  ignores: ['**/*.spec.ts', '**/*.spec-support.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...forbidden('web', ['core', 'contract', 'memory']),
          {
            regex: `^(\\.\\./)+${under}(${others.join('|')})/(?!work$|parts/)`,
            message: 'a subject is entered by its index.ts (docs/architecture.md)',
          },
        ],
      },
    ],
  },
});

/** The floors of core, in the order in which they stand on each other. */
const CORE_FLOORS = [
  'words',
  'puzzle',
  'teaching',
  'engine',
  'insight',
  'learner',
  'group',
  'shown',
];
const coreRooms = forbidden('core', []);
const HOUSE = 'docs/architecture.md';

/** A floor of core imports from those before it, and from any folder but its own by the door. */
const coreFloor = (floor, k) => ({
  files: [`core/src/${floor}/**/*.ts`],
  ignores: ['**/*.spec.ts', '**/*.spec-support.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...coreRooms,
          { group: ['node:*', 'zod'], message: 'core has no Node API and knows no Zod' },
          ...CORE_FLOORS.slice(k + 1).map((above) => ({
            group: [`../**/${above}/**`],
            message: `${floor} stands below ${above} (${HOUSE})`,
          })),
          {
            regex: '^(\\.\\./)+([\\w-]+/)+(?!index\\.js$)[\\w-]+\\.js$',
            message: `another folder is entered by its index.ts (${HOUSE})`,
          },
        ],
      },
    ],
  },
});

export default tseslint.config(
  {
    ignores: [
      '**/dist/',
      '**/node_modules/',
      '**/.angular/',
      '.sleetcrest/',
      '**/test-results/',
      'core/src/engine/facts/data/',
    ],
  },
  {
    files: ['**/*.ts'],
    extends: [
      ...tseslint.configs.strict,
      ...tseslint.configs.stylistic,
      ...tseslint.configs.recommendedTypeCheckedOnly,
    ],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-unnecessary-condition': 'error',
      // Angular says how a request failed by an object of its own, and stand-ins fail as it does.
      '@typescript-eslint/only-throw-error': [
        'error',
        { allow: [{ from: 'package', name: 'HttpErrorResponse', package: '@angular/common' }] },
      ],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      // To leave a field out of the rest is what it is named for.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      // Left in as `import {}`, an import of types alone would load the whole module in the browser.
      '@typescript-eslint/no-import-type-side-effects': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    // A stand-in answers as late as what it stands for, though it has nothing to wait for.
    files: ['**/*.spec.ts', '**/*.spec-support.ts'],
    rules: { '@typescript-eslint/require-await': 'off' },
  },
  ...DIRECTIONS.map(({ from, allow }) => ({
    files: [`${from}/**/*.ts`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...forbidden(from, allow),
            ...(from === 'core'
              ? [{ group: ['node:*', 'zod'], message: 'core has no Node API and knows no Zod' }]
              : []),
          ],
        },
      ],
    },
  })),
  {
    // The data floor: what only SQL says well stands in a resource's queries.ts, all else is said by models.
    files: ['server/src/**/*.ts'],
    ignores: [
      'server/src/database/**',
      'server/src/**/queries.ts',
      'server/src/jobs/jobs.ts',
      '**/*.spec.ts',
      '**/*.spec-support.ts',
    ],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...forbidden('server', ['core', 'contract', 'memory']),
            {
              group: ['**/database/statement.js'],
              message: 'SQL stands in a queries.ts (docs/decisions/0036-one-data-floor.md)',
            },
            {
              group: ['**/database/connection.js'],
              importNames: ['withConnection'],
              message: 'a prepared query stands in a queries.ts too',
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "CallExpression[callee.property.name='query'][callee.object.property.name='sequelize']",
          message: 'SQL stands in a queries.ts (docs/decisions/0036-one-data-floor.md)',
        },
        {
          selector: "CallExpression[callee.property.name='query'][callee.object.name='sequelize']",
          message: 'SQL stands in a queries.ts (docs/decisions/0036-one-data-floor.md)',
        },
        {
          selector:
            "CallExpression[callee.property.name='transaction'][callee.object.property.name='sequelize']",
          message: 'transactions go through database/transaction.ts, which tells what was changed',
        },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.spec.ts', '**/*.spec-support.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'performance'],
      // Moments that are given may be reckoned with; asking what time it is may not.
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'no clock' },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core takes a seed' },
        { object: 'Date', property: 'now', message: 'core has no clock' },
      ],
    },
  },
  ...CORE_FLOORS.map(coreFloor),
  door(['web/src/app/views/**/*.ts', 'web/src/app/devices/**/*.ts'], 'subjects/', subjects),
  ...subjects.map((subject) =>
    door(
      [`web/src/app/subjects/${subject}/**/*.ts`],
      '',
      subjects.filter((other) => other !== subject),
    ),
  ),
  {
    files: ['core/src/**/*.ts'],
    plugins: { import: importPlugin },
    settings: { 'import/resolver': { typescript: { project: 'core/tsconfig.json' } } },
    rules: { 'import/no-cycle': 'error' },
  },
  {
    files: ['web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': [
        'error',
        { type: 'element', prefix: 'sc', style: 'kebab-case' },
      ],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
    },
  },
  {
    files: ['web/src/app/**/*.ts'],
    ignores: ['**/*.spec.ts', '**/*.spec-support.ts'],
    plugins: { import: importPlugin },
    settings: { 'import/resolver': { node: { extensions: ['.ts'] } } },
    rules: { 'import/no-restricted-paths': ['error', { zones }] },
  },
  {
    files: ['web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
);
