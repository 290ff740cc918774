import type { InputClass } from './instance-of.js';

/** What a field of an input class is, for error messages, forms and the generated reference. */
export interface FieldInfo {
  name: string;
  kind: 'number' | 'choice' | 'choices' | 'text' | 'boolean' | 'object' | 'list';
  doc: string;
  unit?: string;
  whole?: true;
  min?: number;
  max?: number;
  maxLength?: number;
  values?: readonly (string | number)[];
  optional: boolean;
  nullable: boolean;
}

const registry = new Map<object, Map<string, FieldInfo>>();

/** A JSON Schema, or a part of one. */
export type JsonSchema = Record<string, unknown>;
/** What a field takes as JSON Schema; `nested` gives a reference to the schema of another class. */
export type SchemaMaker = (nested: (type: InputClass) => JsonSchema) => JsonSchema;
const schemas = new Map<object, Map<string, SchemaMaker>>();

/** What a field of an input class takes, as JSON Schema. @throws TypeError when it has no such field */
export function schemaOf(
  type: InputClass,
  name: string,
  nested: (type: InputClass) => JsonSchema,
): JsonSchema {
  for (
    let p: object | null = type.prototype as object;
    p && p !== Object.prototype;
    p = Object.getPrototypeOf(p) as object | null
  ) {
    const made = schemas.get(p)?.get(name);
    if (made) return made(nested);
  }
  throw new TypeError(`${type.name} has no field ${name}`);
}

/** The fields of an input class in the order they are declared, those of its parents first. */
export function fieldsOf(type: InputClass): FieldInfo[] {
  const found = new Map<string, FieldInfo>();
  const chain: object[] = [];
  for (
    let p: object | null = type.prototype as object;
    p && p !== Object.prototype;
    p = Object.getPrototypeOf(p) as object | null
  )
    chain.unshift(p);
  for (const proto of chain) for (const [name, info] of registry.get(proto) ?? []) found.set(name, info);
  return [...found.values()];
}

/** What may stand in a field, in words: the "what is allowed" of every error message. */
export function allowedText(info: FieldInfo): string {
  const unit = info.unit ? ` ${info.unit}` : '';
  const orNull = info.nullable ? ', or null' : '';
  switch (info.kind) {
    case 'number':
      return `a ${info.whole ? 'whole ' : ''}number from ${info.min} to ${info.max}${unit}${orNull}`;
    case 'choice':
      return `one of ${info.values?.join(', ')}${orNull}`;
    case 'choices':
      return `a list from ${info.values?.join(', ')}${orNull}`;
    case 'boolean':
      return `true or false${orNull}`;
    case 'text':
      return `text of 1 to ${info.maxLength} characters${orNull}`;
    case 'object':
      return `an object${orNull}`;
    case 'list':
      return `a list of at most ${info.max} entries${orNull}`;
  }
}

/** Notes what a field of an input class is, and what it takes as JSON Schema. */
export function noteField(target: object, info: FieldInfo, schema: SchemaMaker): void {
  registry.set(target, (registry.get(target) ?? new Map<string, FieldInfo>()).set(info.name, info));
  schemas.set(target, (schemas.get(target) ?? new Map<string, SchemaMaker>()).set(info.name, schema));
}
