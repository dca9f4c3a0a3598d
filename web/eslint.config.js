import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import reactRefresh from "eslint-plugin-react-refresh";
import tseslint from "typescript-eslint";

// Folders of src, lowest first: a folder imports only those before it, and its own files.
const ORDER = ["api lib", "ui", "drawing", "scale food stock dish", "lines", "stages", "app"].map(
  (row) => row.split(" "),
);

/** No folder of the same row or above is imported from here. */
const order = ORDER.flatMap((row, at) =>
  row.map((folder) => {
    const above = ORDER.slice(at)
      .flat()
      .filter((other) => other !== folder && !(at === 0 && row.includes(other)));
    return {
      files: [`src/${folder}/**/*.{ts,tsx}`],
      rules: {
        "no-restricted-imports": [
          "error",
          {
            patterns: [
              ...(above.length > 0
                ? [
                    {
                      regex: `^(\\.\\./)+(${above.join("|")})(/|$)`,
                      message:
                        "Imports point down: api, lib < ui < drawing < scale, food, stock, dish < lines < stages < app.",
                    },
                  ]
                : []),
              ...(folder === "stages"
                ? [
                    {
                      regex: "^\\.\\./(?!\\.\\.)",
                      message:
                        "No stage imports another's folder: what they share stands below them.",
                    },
                  ]
                : []),
            ],
          },
        ],
      },
    };
  }),
);

export default tseslint.config(
  { ignores: ["dist", "node_modules", "src/api/schema.d.ts", "src/api/vocabulary.ts"] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  {
    files: ["**/*.{ts,tsx}"],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    plugins: { "react-hooks": reactHooks, "react-refresh": reactRefresh },
    rules: {
      ...reactHooks.configs.recommended.rules,
      "react-refresh/only-export-components": "warn",
      // Numbers in text are the product: `${grams} g` says what it means.
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
    },
  },
  ...order,
  {
    files: ["**/*.{js,mjs}"],
    extends: [tseslint.configs.disableTypeChecked],
    languageOptions: { globals: { URL: "readonly" } },
  },
);
