import js from "@eslint/js"
import next from "@next/eslint-plugin-next"
import prettier from "eslint-config-prettier/flat"
import jsdoc from "eslint-plugin-jsdoc"
import reactHooks from "eslint-plugin-react-hooks"
import { defineConfig, globalIgnores } from "eslint/config"
import tseslint from "typescript-eslint"

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
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }],
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", ignoreRestSiblings: true }],
    },
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
  { files: ["src/{app,ui}/**/*.{ts,tsx}"], ...reactHooks.configs.flat["recommended-latest"] },
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
