import fc from 'fast-check';
import type { JsonSchema } from '../src/input/field-info.js';

// Input like one that is given: most of it stays, some is other, missing, or added. What it may be is read off its
// schema, so that a field that comes new is tried from then on.

/** Of 100 fields, how many are as large by a factor, anything that is allowed, missing, or there besides. */
const CHANCES = { scaled: 20, fresh: 8, left: 6, added: 12 };
/** Entries of a list that is made up, at most. */
const MOST_ENTRIES = 3;

/**
 * Values like one that is given, or any that are allowed where none is.
 * @param schema of the value, and of what it names, as `formatSchema` gives it
 */
export function like(schema: JsonSchema, given: unknown): fc.Arbitrary<unknown> {
  const defs = (schema.$defs ?? {}) as Defs;
  return given === undefined ? anyOf(schema, defs) : likeIt(schema, given, defs);
}

type Defs = Record<string, JsonSchema>;

function likeIt(schema: JsonSchema, given: unknown, defs: Defs): fc.Arbitrary<unknown> {
  const { properties, required = [] } = named(schema, defs) as {
    properties?: Defs;
    required?: string[];
  };
  if (typeof given === 'number') return scaled(given, named(schema, defs));
  if (Array.isArray(given)) {
    const { items = {} } = named(schema, defs) as { items?: JsonSchema };
    return fc.tuple(...given.map(entry => likeIt(items, entry, defs)));
  }
  if (!properties || typeof given !== 'object' || given === null) return fc.constant(given);
  const fields = Object.entries(properties).map(([name, field]) => {
    // What says which format it is stays in place, changed or not.
    const isNeeded = required.includes(name) || ['format', 'version', 'name'].includes(name);
    const had = (given as Record<string, unknown>)[name];
    const fresh = anyOf(field, defs).map((v: unknown) => ({ [name]: v }));
    const none = fc.constant({});
    if (had === undefined)
      return fc.oneof(
        { weight: 100 - CHANCES.added, arbitrary: none },
        { weight: CHANCES.added, arbitrary: fresh },
      );
    const same = fc.constant({ [name]: had });
    const other = likeIt(field, had, defs).map(v => ({ [name]: v }));
    return isNeeded
      ? fc.oneof(other, same)
      : fc.oneof(
          { weight: 100 - CHANCES.scaled - CHANCES.fresh - CHANCES.left, arbitrary: same },
          { weight: CHANCES.scaled, arbitrary: other },
          { weight: CHANCES.fresh, arbitrary: fresh },
          { weight: CHANCES.left, arbitrary: none },
        );
  });
  return fc.tuple(...fields).map(parts => Object.assign({}, ...parts) as object);
}

/** The schema itself, where it names another or may be null. */
function named(schema: JsonSchema, defs: Defs): JsonSchema {
  const { $ref, anyOf: ways } = schema as { $ref?: string; anyOf?: JsonSchema[] };
  if ($ref) return named(defs[$ref.replace(/^.*\//, '')]!, defs);
  return ways
    ? named(
        ways.find(w => w.type !== 'null')!,
        defs,
      )
    : schema;
}

/** Numbers from half of one to twice it, within what is allowed. */
function scaled(given: number, schema: JsonSchema): fc.Arbitrary<number> {
  const {
    type,
    minimum = -Infinity,
    maximum = Infinity,
  } = schema as { type?: unknown; minimum?: number; maximum?: number };
  return fc.double({ min: -1, max: 1, noNaN: true }).map(power => {
    const value = Number(Math.min(maximum, Math.max(minimum, given * 2 ** power)).toPrecision(4));
    return type === 'integer' ? Math.round(value) : value;
  });
}

/** Anything that a schema takes. */
function anyOf(schema: JsonSchema, defs: Defs): fc.Arbitrary<unknown> {
  const s = schema as {
    $ref?: string;
    anyOf?: JsonSchema[];
    enum?: unknown[];
    const?: unknown;
    type?: string;
    minimum?: number;
    maximum?: number;
    minItems?: number;
    maxItems?: number;
    items?: JsonSchema;
    properties?: Defs;
    required?: string[];
    propertyNames?: { enum: string[] };
    additionalProperties?: JsonSchema;
  };
  if (s.$ref) return anyOf(defs[s.$ref.replace(/^.*\//, '')]!, defs);
  if (s.anyOf) return fc.oneof(...s.anyOf.map(way => anyOf(way, defs)));
  if (s.enum) return fc.constantFrom(...s.enum);
  if ('const' in s) return fc.constant(s.const);
  switch (s.type) {
    case 'null':
      return fc.constant(null);
    case 'boolean':
      return fc.boolean();
    case 'integer':
      return fc.integer({ min: s.minimum ?? 0, max: Math.min(s.maximum ?? 100, (s.minimum ?? 0) + 100) });
    case 'number':
      return numberIn(s.minimum ?? -1000, s.maximum ?? 1000);
    case 'string':
      return fc.constant('words');
    case 'array': {
      const least = s.minItems ?? 0;
      const most = Math.max(least, Math.min(s.maxItems ?? MOST_ENTRIES, MOST_ENTRIES));
      return fc.array(anyOf(s.items ?? { type: 'null' }, defs), { minLength: least, maxLength: most });
    }
    default:
      if (s.propertyNames && s.additionalProperties)
        return fc.dictionary(fc.constantFrom(...s.propertyNames.enum), anyOf(s.additionalProperties, defs), {
          maxKeys: MOST_ENTRIES,
        });
      return fc.record(
        Object.fromEntries(
          Object.entries(s.properties ?? {}).map(([name, field]) => [name, anyOf(field, defs)]),
        ),
        { requiredKeys: s.required ?? [] },
      );
  }
}

/** Numbers in a range, half of them near its lower end, where most of the field's figures are. */
function numberIn(min: number, max: number): fc.Arbitrary<number> {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  return fc
    .tuple(share, fc.boolean())
    .map(([u, isNear]) => Number((min + (max - min) * (isNear ? u ** 6 : u)).toPrecision(4)));
}
