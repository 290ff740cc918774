import type { InputClass } from './instance-of.js';
import { fieldsOf, schemaOf, type FieldInfo, type JsonSchema } from './field-info.js';

/** The dialect that the schemas are written in. */
export const SCHEMA_DIALECT = 'https://json-schema.org/draft/2020-12/schema';

/**
 * The JSON Schema of an input class and of every class that it nests, from what its fields say of themselves. What one
 * field asks of another is not in it: a text that passes may still be refused, with a reason, when it is read.
 * @param type the class
 * @param under where the classes' own schemas stand, as the start of a reference
 * @returns the schema of each class by its name, the asked one among them
 * @example classSchemas(Brief, '#/$defs/').BriefGeometry.properties.xMm.maximum; // 2000
 */
export function classSchemas(type: InputClass, under: string): Record<string, JsonSchema> {
  const found: Record<string, JsonSchema> = {};
  const visit = (cls: InputClass): JsonSchema => {
    if (!(cls.name in found)) {
      found[cls.name] = {};
      found[cls.name] = objectSchema(cls, visit);
    }
    return { $ref: `${under}${cls.name}` };
  };
  visit(type);
  return found;
}

/**
 * The JSON Schema of one format, complete in itself.
 * @param title what the format is called, such as `hornblende-brief/1`
 */
export function formatSchema(type: InputClass, title: string): JsonSchema {
  const { [type.name]: own, ...nested } = classSchemas(type, '#/$defs/');
  return {
    $schema: SCHEMA_DIALECT,
    title,
    ...own,
    ...(Object.keys(nested).length ? { $defs: nested } : {}),
  };
}

function objectSchema(type: InputClass, visit: (nested: InputClass) => JsonSchema): JsonSchema {
  const fields = fieldsOf(type);
  const defaults = new type() as Record<string, unknown>;
  return {
    type: 'object',
    additionalProperties: false,
    required: fields.filter(f => !f.optional).map(f => f.name),
    properties: Object.fromEntries(
      fields.map(f => [f.name, fieldSchema(f, schemaOf(type, f.name, visit), defaults[f.name])]),
    ),
  };
}

function fieldSchema(f: FieldInfo, bare: JsonSchema, usual: unknown): JsonSchema {
  return {
    ...(f.nullable ? { anyOf: [bare, { type: 'null' }] } : bare),
    description: f.unit ? `${f.doc} In ${f.unit}.` : f.doc,
    ...(f.optional && usual !== undefined ? { default: usual } : {}),
  };
}
