// Input: fields with their limits, reading a format, and what is said of a fault.
export { allowedText, fieldsOf, type FieldInfo, type JsonSchema } from './field-info.js';
export { Choice, Flag, Quantity, Text } from './fields.js';
export { InputError, problemLine, type Problem } from './input-error.js';
export { classSchemas } from './json-schema.js';
export { instanceOf, type InputClass } from './instance-of.js';
export { parseInput } from './parse.js';
export { requireWellFormed } from './well-formed.js';
