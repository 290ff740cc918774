import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
  ValidateNested,
  type ValidationOptions,
} from 'class-validator';
import { allowedText, noteField, type FieldInfo, type JsonSchema, type SchemaMaker } from './field-info.js';
import { nestedReading, noteReading, type FieldReading, type InputClass } from './instance-of.js';
import { fitsClass, noteFits, type Fits } from './fits.js';
import { isInterval, IsInterval } from './interval.js';
import { IsSeries, seriesProblem, type SeriesLengths } from './series.js';
import { isObject, isWithin } from './kinds-of-value.js';
import { mapProblem, MapOfNumbers } from './map-of-numbers.js';
import { MapOfPairs, pairsProblem } from './map-of-pairs.js';
import { IsOpenMap, openMapProblem, type EntryRule } from './open-map.js';

const numbersFrom = (min: number, max: number): JsonSchema => ({
  type: 'number',
  minimum: min,
  maximum: max,
});
const listOf = (items: JsonSchema, least: number, most: number): JsonSchema => ({
  type: 'array',
  items,
  minItems: least,
  maxItems: most,
});

interface Common {
  doc: string;
  optional?: boolean;
  nullable?: boolean;
}

function field(
  info: Omit<FieldInfo, 'name' | 'optional' | 'nullable'>,
  common: Common,
  schema: SchemaMaker,
  fits: Fits,
  checks: (options: ValidationOptions) => PropertyDecorator[],
): PropertyDecorator {
  return (target, key) => {
    const full: FieldInfo = {
      ...info,
      name: String(key),
      optional: common.optional ?? false,
      nullable: common.nullable ?? false,
    };
    noteField(target, full, schema);
    noteFits(target, full.name, fits);
    const message = `must be ${allowedText(full)}`;
    // ValidateIf, not IsOptional: null is only fine where the format says so.
    ValidateIf((_, value) => !(value === undefined && full.optional) && !(value === null && full.nullable))(
      target,
      key,
    );
    for (const check of checks({ message })) check(target, key);
  };
}

/** A field that takes what was sent in a way of its own. */
export function Read(reading: FieldReading): PropertyDecorator {
  return (target, key) => noteReading(target, String(key), reading);
}

/** A finite number within limits, in a stated unit; a whole one where it counts things. */
export function Quantity(
  o: Common & { min: number; max: number; unit?: string; whole?: true },
): PropertyDecorator {
  return field(
    {
      kind: 'number',
      doc: o.doc,
      min: o.min,
      max: o.max,
      ...(o.unit ? { unit: o.unit } : {}),
      ...(o.whole ? { whole: true } : {}),
    },
    o,
    () => ({ ...numbersFrom(o.min, o.max), ...(o.whole ? { type: 'integer' } : {}) }),
    v => isWithin(v, o.min, o.max) && (!o.whole || Number.isInteger(v)),
    m => [
      o.whole ? IsInt(m) : IsNumber({ allowNaN: false, allowInfinity: false }, m),
      Min(o.min, m),
      Max(o.max, m),
    ],
  );
}

/** One of a closed list of words (or numbers). */
export function Choice(values: readonly (string | number)[], o: Common): PropertyDecorator {
  return field(
    { kind: 'choice', doc: o.doc, values },
    o,
    () => ({ enum: values }),
    v => values.includes(v as string | number),
    m => [IsIn(values as unknown[], m)],
  );
}

/** A list drawn from a closed list of words. */
export function Choices(values: readonly string[], o: Common): PropertyDecorator {
  return field(
    { kind: 'choices', doc: o.doc, values, max: values.length },
    o,
    () => listOf({ enum: values }, 0, values.length),
    v => Array.isArray(v) && v.length <= values.length && v.every(x => values.includes(x as string)),
    m => [IsArray(m), ArrayMaxSize(values.length, m), IsIn(values as unknown[], { ...m, each: true })],
  );
}

/** Text of a bounded length, not empty. */
export function Text(o: Common & { maxLength: number; allowEmpty?: boolean }): PropertyDecorator {
  return field(
    { kind: 'text', doc: o.doc, maxLength: o.maxLength },
    o,
    () => ({
      type: 'string',
      maxLength: o.maxLength,
      ...(o.allowEmpty ? {} : { minLength: 1, pattern: '\\S' }),
    }),
    v => typeof v === 'string' && v.length <= o.maxLength && (o.allowEmpty === true || /\S/.test(v)),
    m => [
      IsString(m),
      MaxLength(o.maxLength, m),
      ...(o.allowEmpty ? [] : [MinLength(1, m), Matches(/\S/, m)]),
    ],
  );
}

/** true or false. */
export function Flag(o: Common): PropertyDecorator {
  return field(
    { kind: 'boolean', doc: o.doc },
    o,
    () => ({ type: 'boolean' }),
    v => typeof v === 'boolean',
    m => [IsBoolean(m)],
  );
}

/** A nested object of another input class. */
export function Nested(type: () => InputClass, o: Common): PropertyDecorator {
  return field(
    { kind: 'object', doc: o.doc },
    o,
    nested => nested(type()),
    v => fitsClass(type(), v),
    m => [Read(nestedReading(type)), IsObject(m), ValidateNested(m)],
  );
}

/** A list of nested objects of another input class. */
export function ListOf(type: () => InputClass, o: Common & { max: number }): PropertyDecorator {
  const entry = nestedReading(type);
  return field(
    { kind: 'list', doc: o.doc, max: o.max },
    o,
    nested => listOf(nested(type()), 0, o.max),
    v => Array.isArray(v) && v.length <= o.max && v.every(x => fitsClass(type(), x)),
    m => [
      Read(sent => (Array.isArray(sent) ? sent.map(entry) : entry(sent))),
      IsArray(m),
      ArrayMaxSize(o.max, m),
      // A list inside the list would pass for an object without fields.
      IsObject({ ...m, each: true }),
      ValidateNested({ ...m, each: true }),
    ],
  );
}

const mapOf = (keys: readonly string[], value: JsonSchema): JsonSchema => ({
  type: 'object',
  propertyNames: { enum: keys },
  additionalProperties: value,
});

/** A map from a closed list of keys to numbers within limits, e.g. criterion weights. */
export function NumberMap(
  keys: readonly string[],
  o: Common & { min: number; max: number },
): PropertyDecorator {
  return field(
    { kind: 'object', doc: `${o.doc} Keys: ${keys.join(', ')}; values ${o.min} to ${o.max}.` },
    o,
    () => mapOf(keys, numbersFrom(o.min, o.max)),
    v => isObject(v) && mapProblem(v, keys, o.min, o.max) === null,
    m => [IsObject(m), MapOfNumbers(keys, o.min, o.max)],
  );
}

/** A map from a closed list of keys to pairs of different numbers, e.g. the two points of a criterion's curve. */
export function PairMap(keys: readonly string[], o: Common): PropertyDecorator {
  return field(
    { kind: 'object', doc: `${o.doc} Keys: ${keys.join(', ')}.` },
    o,
    () => mapOf(keys, listOf({ type: 'number' }, 2, 2)),
    v => isObject(v) && pairsProblem(v, keys) === null,
    m => [IsObject(m), MapOfPairs(keys)],
  );
}

/** A map whose names are the sender's own, each entry by one rule. */
export function OpenMap(rule: EntryRule, o: Common & { max: number }): PropertyDecorator {
  return field(
    { kind: 'object', doc: `${o.doc} Each entry ${rule.must}.`, max: o.max },
    o,
    () => ({ type: 'object', maxProperties: o.max }),
    v => isObject(v) && openMapProblem(v, rule, o.max) === null,
    m => [IsObject(m), IsOpenMap(rule, o.max)],
  );
}

/** A pair [low, high] of numbers within limits, in order. */
export function Interval(o: Common & { min: number; max: number }): PropertyDecorator {
  return field(
    { kind: 'list', doc: o.doc, min: o.min, max: o.max },
    o,
    () => listOf(numbersFrom(o.min, o.max), 2, 2),
    v => isInterval(v, o.min, o.max),
    () => [
      IsInterval(
        o.min,
        o.max,
        `must be [low, high], two numbers in order from ${o.min} to ${o.max}${o.nullable ? ', or null' : ''}`,
      ),
    ],
  );
}

/** A list of a fixed number of numbers within limits, e.g. a build volume. */
export function Vector(
  o: Common & { min: number; max: number; length: number; unit?: string },
): PropertyDecorator {
  return field(
    { kind: 'list', doc: o.doc, min: o.min, max: o.max, ...(o.unit ? { unit: o.unit } : {}) },
    o,
    () => listOf(numbersFrom(o.min, o.max), o.length, o.length),
    v => Array.isArray(v) && v.length === o.length && v.every(x => isWithin(x, o.min, o.max)),
    () => {
      const text = {
        message: `must be a list of ${o.length} numbers from ${o.min} to ${o.max}${o.unit ? ` ${o.unit}` : ''}`,
      };
      return [
        IsArray(text),
        ArrayMinSize(o.length, text),
        ArrayMaxSize(o.length, text),
        IsNumber({ allowNaN: false, allowInfinity: false }, { ...text, each: true }),
        Min(o.min, { ...text, each: true }),
        Max(o.max, { ...text, each: true }),
      ];
    },
  );
}

/**
 * A long list of numbers within limits, of one of the allowed lengths or no longer than allowed, e.g. a year of
 * hours. The first bad entry is named.
 */
export function Series(
  o: Common & { min: number; max: number; unit?: string; lengths: SeriesLengths },
): PropertyDecorator {
  const [least, most] =
    'atMost' in o.lengths ? [0, o.lengths.atMost] : [Math.min(...o.lengths), Math.max(...o.lengths)];
  return field(
    {
      kind: 'list',
      doc: o.doc,
      min: o.min,
      max: most,
      ...(o.unit ? { unit: o.unit } : {}),
    },
    o,
    () => listOf(numbersFrom(o.min, o.max), least, most),
    v => seriesProblem(v, o.min, o.max, o.lengths, '') === null,
    () => [IsSeries(o.min, o.max, o.lengths, o.unit ?? '')],
  );
}
