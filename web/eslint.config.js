import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import reactRefresh from "eslint-plugin-react-refresh";
import tseslint from "typescript-eslint";

// Folders of src, lowest first: a folder imports only those before it, and its own files.
const ORDER = [
  "api lib",
  "ui",
  "drawing",
  "scale food stock dish",
  "lines",
  "stages pages",
  "app",
].map((row) => row.split(" "));

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
                        "Imports point down: api, lib < ui < drawing < scale, food, stock, dish < lines < stages, pages < app.",
                    },
                  ]
                : []),
              ...(["stages", "pages"].includes(folder)
                ? [
                    {
                      regex: "^\\.\\./(?!\\.\\.)",
                      message:
                        "No stage or page imports another's folder: what they share stands below them.",
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

/** Figures of the trade come from the kitchen's answers or from src/api/vocabulary.ts. */
const FIGURE = String.raw`[0-9]\s(%|°C|°F|W)(?![\w/])`;
const OF_THE_TRADE = String.raw`/(_g|_g2|_kcal|_c|_s|_min|_ml|_cm|share|likely|worst|factor|days_left)$/`;
const noFiguresOfTheTrade = {
  files: ["src/{scale,food,stock,dish,lines,stages,pages,app}/**/*.{ts,tsx}"],
  rules: {
    "no-restricted-syntax": [
      "error",
      {
        selector: "JSXAttribute[name.name=/^(most|least)$/] Literal[value>1][value!=100]",
        message: "What may be typed at most comes from MOST in src/api/vocabulary.ts.",
      },
      {
        selector: `JSXText[value=/${FIGURE}/]`,
        message: "A figure of the trade in a sentence: take it from the kitchen or the vocabulary.",
      },
      {
        selector: `:not(JSXAttribute[name.name=/^(placeholder|className|viewBox)$/]) > Literal[value=/${FIGURE}/]`,
        message: "A figure of the trade in a sentence: take it from the kitchen or the vocabulary.",
      },
      {
        selector: `BinaryExpression[operator=/^[<>]=?$/] > MemberExpression[property.name=${OF_THE_TRADE}] ~ Literal[value!=0]`,
        message: "A page decides nothing of the trade: let the answer say it.",
      },
    ],
  },
};

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
  noFiguresOfTheTrade,
  {
    files: ["**/*.{js,mjs}"],
    extends: [tseslint.configs.disableTypeChecked],
    languageOptions: { globals: { URL: "readonly" } },
  },
);
