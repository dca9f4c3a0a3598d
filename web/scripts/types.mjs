// Types of the API from its OpenAPI document. Pairs come out as number[]: the client's own types drop
// tuples on the way, and a type that both sides agree on is worth more than its length.
import { writeFileSync } from "node:fs";

import openapiTS, { astToString } from "openapi-typescript";
import ts from "typescript";

const numbers = ts.factory.createArrayTypeNode(
  ts.factory.createKeywordTypeNode(ts.SyntaxKind.NumberKeyword),
);
const nodes = await openapiTS(new URL("../../docs/formats/openapi.json", import.meta.url), {
  defaultNonNullable: false,
  transform: (schema) => (schema.prefixItems ? numbers : undefined),
});
writeFileSync(new URL("../src/api/schema.d.ts", import.meta.url), astToString(nodes));
