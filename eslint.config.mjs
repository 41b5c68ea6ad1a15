import js from "@eslint/js"
import next from "@next/eslint-plugin-next"
import prettier from "eslint-config-prettier/flat"
import boundaries from "eslint-plugin-boundaries"
import jsdoc from "eslint-plugin-jsdoc"
import importX from "eslint-plugin-import-x"
import reactHooks from "eslint-plugin-react-hooks"
import { defineConfig, globalIgnores } from "eslint/config"
import tseslint from "typescript-eslint"

/** Folders of the core, lowest first. */
const CORE =
  "numeric air material assembly ground sun climate conduction airflow shell enclosure moisture steady takeoff results ledger trials sizing"
    .split(" ")
    .map((folder) => `core/${folder}`)
/** Layers, lowest first: each may import itself and those before it. "core" is what lies loose in it. */
const LAYERS = ["schema", "core/quantity", "core", ...CORE, "edit", "operations", "store", "server", "cli", "ui", "app"]
/** Beyond the order of the list: the screens never reach for what belongs to the server. */
const APART = { ui: ["store", "server", "cli"], cli: ["store", "server"], app: ["cli"] }

const allowed = LAYERS.map((layer, i) => ({
  from: { element: { type: layer } },
  allow: LAYERS.slice(0, i + 1)
    .filter((lower) => !APART[layer]?.includes(lower))
    .map((lower) => ({ to: { element: { type: lower } } })),
}))

/** The core is pure: other files of its own and the shapes of the schema, as types only. */
const CORE_IMPORTS = ["error", { patterns: [{ regex: "^(?!\\.{1,2}/)", message: "The core takes no packages and no Node." }] }]

export default defineConfig(
  globalIgnores([
    ".next/",
    "node_modules/",
    "dist/",
    ".cache/",
    ".tmp/",
    "next-env.d.ts",
    "*.config.*",
    "test-results/",
    "playwright-report/",
  ]),
  js.configs.recommended,
  {
    files: ["**/*.{ts,tsx}"],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
  },
  {
    files: ["**/*.{ts,tsx}"],
    plugins: { "import-x": importX },
    settings: { "import-x/resolver": { typescript: { project: "tsconfig.json" } } },
    rules: {
      "import-x/no-cycle": "error",
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }],
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", ignoreRestSiblings: true }],
    },
  },
  {
    files: ["src/**/*.{ts,tsx}"],
    ignores: ["**/*.test.ts"],
    plugins: { boundaries },
    settings: {
      "import/resolver": { typescript: { project: "tsconfig.json" } },
      // The longest first: what lies loose in the core is told last.
      "boundaries/elements": [...LAYERS]
        .sort((a, b) => b.length - a.length)
        .map((type) => ({ type, pattern: `src/${type}/**`, partialMatch: false })),
    },
    rules: { "boundaries/dependencies": ["error", { default: "disallow", policies: allowed }] },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    plugins: { jsdoc },
    rules: {
      "no-restricted-imports": CORE_IMPORTS,
      "jsdoc/require-jsdoc": [
        "error",
        {
          publicOnly: true,
          require: { FunctionDeclaration: true, ArrowFunctionExpression: true, ClassDeclaration: true },
          contexts: ["TSInterfaceDeclaration", "TSTypeAliasDeclaration"],
        },
      ],
    },
  },
  { files: ["src/**/*.{ts,tsx}"], ...reactHooks.configs.flat["recommended-latest"] },
  {
    files: ["src/{app,ui}/**/*.{ts,tsx}"],
    plugins: { "@next/next": next },
    rules: { ...next.configs.recommended.rules, ...next.configs["core-web-vitals"].rules },
  },
  {
    files: ["scripts/**/*.mjs", "tests/**/*.mjs", "*.cjs"],
    languageOptions: {
      globals: { process: "readonly", console: "readonly", fetch: "readonly", setTimeout: "readonly", URL: "readonly", module: "readonly" },
    },
  },
  prettier,
)
