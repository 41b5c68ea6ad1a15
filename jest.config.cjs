const swc = [
  "@swc/jest",
  { jsc: { parser: { syntax: "typescript", tsx: true }, target: "es2022", transform: { react: { runtime: "automatic" } } } },
]

module.exports = {
  testEnvironment: "node",
  // One worker more than the default: none of a small machine’s cores idles.
  maxWorkers: "100%",
  // What is looked up millions of times is slow to find as a global of the tests' own world.
  sandboxInjectedGlobals: ["Math", "Number", "Object", "Array", "Float64Array"],
  testMatch: ["<rootDir>/src/**/*.test.ts", "<rootDir>/tests/{store,regression,structure}/**/*.test.ts"],
  modulePathIgnorePatterns: ["<rootDir>/.next/"],
  transform: { "^.+\\.(tsx?|m?js)$": swc },
  // Packages that come as ES modules only.
  transformIgnorePatterns: ["/node_modules/(?!(uuid|immer|jose)/)"],
}
