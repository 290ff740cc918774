import { Brief } from './brief/brief.js';
import { DrillAnswer } from './drills/drill-answer.js';
import type { JsonSchema } from './input/field-info.js';
import { formatSchema } from './input/json-schema.js';
import { GradeIdentity, windowLimits, windowNames } from './materials/grade.js';
import { propertyDefinitions } from './materials/property-definitions.js';
import { propertyNames } from './materials/property.js';
import { Inspection } from './service/inspection.js';
import { PlaceMap } from './service/place-map.js';
import { Placement } from './service/placement.js';
import { Fault } from './triage/fault.js';
import { Trial } from './trials/trial.js';
import { PrintEntry } from './workshop/print-log.js';
import { Printer } from './workshop/printer.js';
import { WorkshopSettings } from './workshop/settings.js';
import { Spool } from './workshop/spool.js';

// Whoever reads a format finds its class where it is listed.
export * from './brief/brief.js';
export * from './drills/drill-answer.js';
export * from './materials/grade.js';
export * from './service/inspection.js';
export * from './service/place-map.js';
export * from './service/placement.js';
export * from './triage/fault.js';
export * from './trials/trial.js';
export * from './workshop/print-log.js';
export * from './workshop/printer.js';
export * from './workshop/settings.js';
export * from './workshop/spool.js';

/** The formats that are read, by a short name: what each is called in a file, and the class that reads it. */
const read = {
  brief: { title: 'hornblende-brief/1', type: Brief },
  printer: { title: 'hornblende-printer/1', type: Printer },
  spool: { title: 'hornblende-spool/1', type: Spool },
  workshop: { title: 'hornblende-workshop/1', type: WorkshopSettings },
  trial: { title: 'hornblende-trial/1', type: Trial },
  service: { title: 'hornblende-service/1', type: Placement },
  inspection: { title: 'hornblende-inspection/1', type: Inspection },
  map: { title: 'hornblende-map/1', type: PlaceMap },
  fault: { title: 'hornblende-fault/1', type: Fault },
  'drill-answer': { title: 'hornblende-drill-answer/1', type: DrillAnswer },
  print: { title: 'hornblende-print/1', type: PrintEntry },
} as const;

/** A format that is read, by its short name. */
export type FormatName = keyof typeof read | 'grade';

/** The short names of all formats that are read. */
export const formatNames: readonly FormatName[] = [...(Object.keys(read) as (keyof typeof read)[]), 'grade'];

/**
 * The JSON Schema (2020-12) of a format that is read, complete in itself.
 * @example schemaOfFormat('brief').title; // 'hornblende-brief/1'
 */
export function schemaOfFormat(name: FormatName): JsonSchema {
  return name === 'grade' ? gradeSchema() : formatSchema(read[name].type, read[name].title);
}

/** A grade's values are maps by property, each within the limits of its own. */
function gradeSchema(): JsonSchema {
  const bare = formatSchema(GradeIdentity, 'hornblende-grade/1');
  const values = {
    type: 'object',
    additionalProperties: false,
    properties: Object.fromEntries(propertyNames.map(name => [name, valueSchema(name)])),
  };
  const windows = {
    type: 'object',
    additionalProperties: false,
    properties: Object.fromEntries(
      windowNames.map(name => {
        const end = { type: 'number', minimum: windowLimits[name][0], maximum: windowLimits[name][1] };
        return [
          name,
          {
            type: 'object',
            additionalProperties: false,
            required: ['low', 'high'],
            properties: { low: end, high: end },
          },
        ];
      }),
    ),
  };
  const own = bare.properties as Record<string, JsonSchema>;
  return {
    ...bare,
    properties: {
      ...own,
      sheet: { ...values, description: 'What its data sheet says, by property.' },
      measured: { ...values, description: 'What was measured, by property; it wins over the data sheet.' },
      windows: { ...windows, description: 'Process windows from its label.' },
    },
  };
}

function valueSchema(name: (typeof propertyNames)[number]): JsonSchema {
  const { label, unit, min, max } = propertyDefinitions[name];
  const number = { type: 'number', minimum: min, maximum: max };
  const end = { anyOf: [number, { type: 'null' }] };
  return {
    description: unit ? `${label}, ${unit}.` : `${label}.`,
    anyOf: [
      number,
      {
        type: 'object',
        additionalProperties: false,
        required: ['typical'],
        properties: { low: end, typical: number, high: end },
      },
    ],
  };
}
