// What the shapes of core that the API answers with look like: from their types, as OpenAPI 3.0 has it.
import { join } from 'node:path';
import { createGenerator } from 'ts-json-schema-generator';
import { ROOT } from './shared.mjs';

const NAME = /^#\/definitions\/(.+)$/;
const OF_CORE = '#/components/schemas/Core.';
const isMap = (open) => typeof open === 'object' && open !== null;
const isNull = (schema) => schema.type === 'null';

/** JSON Schema says “or null” as a type among others and a constant as `const`; OpenAPI 3.0 has `nullable` and `enum`. */
function asOpenApi(schema) {
  if (Array.isArray(schema)) return schema.map(asOpenApi);
  if (typeof schema !== 'object' || schema === null) return schema;
  const { $ref, const: only, anyOf, type, properties, ...said } = schema;
  const { additionalProperties: open, ...rest } = said;
  // What else a thing may hold is said only of those whose names are not known.
  if (isMap(open)) rest.additionalProperties = open;
  const kept = Object.fromEntries(Object.entries(rest).map(([key, of]) => [key, asOpenApi(of)]));
  if (properties !== undefined)
    kept.properties = Object.fromEntries(
      Object.entries(properties).map(([name, of]) => [name, asOpenApi(of)]),
    );
  if ($ref !== undefined)
    return { ...kept, $ref: OF_CORE + decodeURIComponent(NAME.exec($ref)[1]) };
  if (only !== undefined) return { ...kept, type: typeof only, enum: [only] };
  if (Array.isArray(type)) {
    const types = type.filter((one) => one !== 'null');
    if (types.length > 1) return asOpenApi({ ...rest, anyOf: type.map((one) => ({ type: one })) });
    return { ...kept, type: types[0], nullable: true };
  }
  if (anyOf === undefined) return type === undefined ? kept : { ...kept, type };
  const some = asOpenApi(anyOf.filter((one) => !isNull(one)));
  const nullable = anyOf.some(isNull) && { nullable: true };
  if (some.length > 1) return { ...kept, anyOf: some, ...nullable };
  return some[0].$ref === undefined
    ? { ...kept, ...some[0], ...nullable }
    : { ...kept, allOf: some, ...nullable };
}

/** The schemas of the named types of core and of all that they hold, each under `Core.` and its name. */
export function coreSchemas(names) {
  const generator = createGenerator({
    path: join(ROOT, 'core/src/index.ts'),
    tsconfig: join(ROOT, 'core/tsconfig.json'),
    skipTypeCheck: true,
    // A shape may be part of a larger answer.
    additionalProperties: true,
    jsDoc: 'basic',
  });
  const found = {};
  for (const name of names)
    for (const [of, schema] of Object.entries(generator.createSchema(name).definitions))
      found[`Core.${of}`] = asOpenApi(schema);
  return found;
}
