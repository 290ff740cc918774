import {
  formatNames,
  Inspection,
  DrillAnswer,
  Brief,
  Printer,
  schemaOfFormat,
  WorkshopSettings,
} from '@hornblende/core/formats';
import { classSchemas, type JsonSchema } from '@hornblende/core/input';
import { NewPhraseInput, PhraseInput, QuoteInput, WithdrawalInput } from '../lib/envelopes.js';
import { describedDocuments, type AnyDocumentKind } from '../db/kinds/index.js';

/** What a route takes and answers with, apart from the errors that any of them may answer with. */
interface Described {
  /** What it does. */
  does: string;
  /** The schema of its body as JSON, or the media type of one that is none. */
  takes?: JsonSchema | string;
  /** Names in its query. */
  asks?: readonly string[];
  /** Status and media type of its answer; 200 and JSON where nothing is said, no content for 204. */
  status?: number;
  gives?: string;
}

const PAGE = ['limit', 'after', 'search'] as const;
const schemas = '#/components/schemas/';
const named = (type: { name: string }): JsonSchema => ({ $ref: `${schemas}${type.name}` });
const fields = (
  required: Record<string, JsonSchema>,
  optional: Record<string, JsonSchema> = {},
): JsonSchema => ({
  type: 'object',
  required: Object.keys(required),
  properties: { ...required, ...optional },
});
const text: JsonSchema = { type: 'string' };
const anything: JsonSchema = { type: 'object' };

/** The routes that every kind of document has. */
function documentRoutes({ name, path, body, one }: AnyDocumentKind): [string, Described][] {
  const beside = classSchemas(body.Envelope, schemas)[body.Envelope.name]!.properties;
  const content = typeof body.fields === 'string' ? { name: body.fields } : body.fields;
  const takes = fields({ [body.name]: named(content) }, beside as Record<string, JsonSchema>);
  return [
    [
      `GET ${path}`,
      { does: `Lists ${name}, in pages.`, asks: name === 'parts' ? [...PAGE, 'archived'] : PAGE },
    ],
    [`POST ${path}`, { does: `Keeps a new ${one}.`, takes, status: 201 }],
    [`GET ${path}/{id}`, { does: `One ${one}, with its revision.` }],
    [`PUT ${path}/{id}`, { does: `Changes a ${one}: the revision that was changed is named.`, takes }],
    [`DELETE ${path}/{id}`, { does: `Removes a ${one}.`, status: 204 }],
  ];
}

/** Every route under `/api`, with what it does. */
export const apiRoutes: ReadonlyMap<string, Described> = new Map<string, Described>([
  ['GET /health', { does: 'Whether the server is well, which version it is, and what is damaged.' }],
  ['GET /openapi.json', { does: 'This description.' }],
  ...describedDocuments.flatMap(([, kind]) => documentRoutes(kind)),
  [
    'GET /search',
    {
      does: 'Parts and parts in service that hold every word; without words, the newest.',
      asks: ['words', 'kinds', 'away', 'limit'],
    },
  ],
  ['GET /parts/{id}/versions', { does: 'What a part was before, in pages.', asks: PAGE }],
  [
    'GET /parts/{id}/decisions',
    { does: 'Decisions on a part, without their records, in pages.', asks: PAGE },
  ],
  ['POST /parts/{id}/decisions', { does: 'Records a decision.', takes: anything, status: 201 }],
  ['GET /parts/{id}/decisions/{decision}', { does: 'One decision with its whole record.' }],
  [
    'POST /parts/{id}/decisions/{decision}/withdrawal',
    { does: 'Marks a decision as withdrawn; its record stays.', takes: named(WithdrawalInput) },
  ],
  ['GET /parts/{id}/decisions/{decision}/drift', { does: 'How today’s data answer the same question.' }],
  [
    'GET /parts/{id}/decisions/{decision}/record.{type}',
    { does: 'The record as json, md or html.', gives: '*/*' },
  ],
  ['GET /parts/{id}/shape', { does: 'What is known of a part’s file; null without one.' }],
  ['GET /parts/{id}/shape/file', { does: 'The file itself.', gives: 'application/octet-stream' }],
  [
    'PUT /parts/{id}/shape',
    { does: 'Keeps a file as the part’s shape.', takes: 'application/octet-stream', asks: ['name', 'unit'] },
  ],
  ['DELETE /parts/{id}/shape', { does: 'Removes the part’s file.', status: 204 }],
  [
    'POST /parts/{id}/shape/stress',
    { does: 'What the part’s own shape bears (stress.field); long work.', takes: anything },
  ],
  [
    'POST /parts/{id}/shape/warp',
    { does: 'The shape that it takes off the plate (warp.field); long work.', takes: anything },
  ],
  [
    'POST /grades/import',
    {
      does: 'Takes a table of grades over, all or nothing.',
      takes: fields({ grades: { type: 'array', items: anything } }),
    },
  ],
  ['POST /grades/imports/{id}/undo', { does: 'Takes an import of grades back.' }],
  ['GET /grades/export.{ending}', { does: 'All grades as csv or json.', gives: '*/*' }],
  ['GET /placements/{id}/inspections', { does: 'Looks at a part in service, in pages.', asks: PAGE }],
  [
    'PUT /inspections/{id}',
    {
      does: 'Keeps a look; the same one again changes nothing.',
      takes: fields({ inspection: named(Inspection) }),
    },
  ],
  [
    'POST /inspections/{id}/strike',
    { does: 'Strikes a look out, or takes that back.', takes: fields({ struck: { type: 'boolean' } }) },
  ],
  ['POST /photos', { does: 'Keeps a photograph, JPEG or PNG.', takes: 'image/*', status: 201 }],
  ['GET /photos/{sha256}', { does: 'A photograph.', gives: 'image/*' }],
  ['GET /bench', { does: 'Trials that are not decided, with the names of what is in them.' }],
  [
    'PUT /bench/{id}/readings',
    {
      does: 'Puts a reading into a trial; the same one again changes nothing, struck out it no longer counts.',
      takes: fields({ material: text, reading: anything }),
    },
  ],
  [
    'GET /placements/{id}/happened',
    { does: 'What the models say of a part in service beside what happened; null where nothing is said.' },
  ],
  [
    'GET /service/happened',
    { does: 'The same of every part, what teaches most first, in pages.', asks: ['limit', 'after'] },
  ],
  ['GET /service/evidence', { does: 'How long parts last, by group.', asks: ['by'] }],
  [
    'POST /service/import',
    {
      does: 'Places a table of parts, each with its look, all or nothing.',
      takes: fields({ parts: { type: 'array', items: anything } }),
    },
  ],
  [
    'POST /service/import/undo',
    {
      does: 'Takes parts back that an import placed and that are as they were.',
      takes: fields({ ids: { type: 'array', items: text } }),
    },
  ],
  ['GET /service/due.ics', { does: 'What is to be looked at, as a calendar.', gives: 'text/calendar' }],
  ['GET /service/parts.csv', { does: 'Parts in service as a table.', gives: 'text/csv' }],
  ['GET /drills/answers', { does: 'Drills that were answered, in pages.', asks: PAGE }],
  [
    'PUT /drills/answers/{id}',
    {
      does: 'Keeps an answer; the same one again changes nothing.',
      takes: fields({ answer: named(DrillAnswer) }),
    },
  ],
  ['DELETE /drills/answers', { does: 'Forgets one person’s answers.', asks: ['who'] }],
  ['GET /weathers', { does: 'Years of weather that were brought along, in pages.', asks: PAGE }],
  ['GET /weathers/{id}', { does: 'One year of weather.' }],
  ['POST /weathers', { does: 'Keeps a year of weather.', takes: anything, status: 201 }],
  ['DELETE /weathers/{id}', { does: 'Removes a year of weather.', status: 204 }],
  ['GET /workshop', { does: 'The settings of the workshop, and quotes for its parts.' }],
  ['PUT /workshop', { does: 'Replaces the settings.', takes: named(WorkshopSettings) }],
  [
    'PUT /workshop/quotes/{partId}',
    { does: 'Keeps what a print service asks for a part.', takes: named(QuoteInput) },
  ],
  ['GET /desk', { does: 'Whether the desk has a pass phrase, and whether this browser is let in.' }],
  [
    'POST /desk/session',
    { does: 'Lets this browser in by the pass phrase.', takes: named(PhraseInput), status: 204 },
  ],
  ['DELETE /desk/session', { does: 'Locks the desk in this browser.', status: 204 }],
  [
    'PUT /desk/phrase',
    { does: 'Sets, changes or takes away the pass phrase.', takes: named(NewPhraseInput), status: 204 },
  ],
  ['GET /phones', { does: 'Phones that are paired.' }],
  ['POST /phones/code', { does: 'A code that pairs one phone.', status: 201 }],
  ['POST /phones/{id}/withdrawal', { does: 'Withdraws a phone’s key.' }],
  [
    'GET /journal',
    { does: 'Phones paired and refused, restores and imports, the newest first.', asks: ['limit'] },
  ],
  ['POST /demo', { does: 'Lays the demo out in an empty workshop.', status: 201 }],
  ['GET /backups', { does: 'Backups, the newest first.' }],
  ['POST /backups', { does: 'Makes a backup.', status: 201 }],
  ['GET /backups/verify', { does: 'Reads every record through.' }],
  ['POST /backups/{name}/restore', { does: 'Puts a backup in place of the workshop.' }],
  ['GET /archive', { does: 'The whole workshop as a zip.', gives: 'application/zip' }],
  ['POST /archive/exports', { does: 'Makes such a zip, to be fetched.', status: 201 }],
  ['GET /archive/exports/{id}', { does: 'The zip that was made.', gives: 'application/zip' }],
  [
    'POST /archive/previews',
    { does: 'What an archive would change.', takes: 'application/zip', status: 201 },
  ],
  [
    'POST /archive/imports',
    {
      does: 'Takes an archive over.',
      takes: fields({ id: text }, { conflicts: { enum: ['keep', 'replace'] } }),
    },
  ],
  ['POST /archive/imports/{id}/undo', { does: 'Takes an import back.' }],
  ['GET /jobs/{id}', { does: 'How far long work is, and what it came to.' }],
  ['DELETE /jobs/{id}', { does: 'Gives long work up.', status: 204 }],
  ['GET /coupons', { does: 'Pieces to print for a measurement, with their numbers.' }],
  [
    'GET /coupons/plate.3mf',
    {
      does: 'Several pieces on one plate: `pieces=gauge:3,sag-strips:3`, `x`, `y`, `mark`.',
      gives: 'model/*',
    },
  ],
  ['GET /coupons/{file}', { does: 'One of them as STL or 3MF; its numbers in the query.', gives: 'model/*' }],
  ['GET /families', { does: 'Every filament family.' }],
  ['GET /families/{key}', { does: 'One family.' }],
  ['GET /models', { does: 'Every model with its inputs.' }],
  ['POST /calc/{id}', { does: 'Runs one model and shows its working.', takes: anything }],
  [
    'POST /say',
    {
      does: 'Reads a sentence that says what a part is for into a brief.',
      takes: fields({ sentence: text }),
    },
  ],
  [
    'POST /rank',
    {
      does: 'Ranks filaments for a brief.',
      takes: fields(
        { brief: named(Brief) },
        { printer: { anyOf: [named(Printer), { type: 'null' }] }, school: { type: ['string', 'null'] } },
      ),
    },
  ],
]);

/**
 * The API as OpenAPI 3.1, for programs of others.
 * @param version of the application
 */
export function describeApi(version: string): JsonSchema {
  const paths: Record<string, JsonSchema> = {};
  for (const [route, described] of apiRoutes) {
    const [method = '', path = ''] = route.split(' ');
    paths[path] = { ...paths[path], [method.toLowerCase()]: operation(path, described) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Hornblende',
      version,
      description: 'Lists come in pages; the header Link has the next page’s address.',
    },
    servers: [{ url: '/api' }],
    paths,
    components: { schemas: componentSchemas() },
  };
}

function operation(
  path: string,
  { does, takes, asks = [], status = 200, gives = 'application/json' }: Described,
): JsonSchema {
  const inPath = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: text,
  }));
  const inQuery = asks.map(name => ({ name, in: 'query', schema: text }));
  const schema = typeof takes === 'string' ? {} : takes;
  const problems = { 'application/json': { schema: { $ref: `${schemas}Problems` } } };
  return {
    summary: does,
    ...(inPath.length || inQuery.length ? { parameters: [...inPath, ...inQuery] } : {}),
    ...(takes
      ? {
          requestBody: {
            required: true,
            content: { [typeof takes === 'string' ? takes : 'application/json']: { schema } },
          },
        }
      : {}),
    responses: {
      [status]: {
        description: does,
        ...(status === 204 ? {} : { content: { [gives]: { schema: {} } } }),
      },
      default: {
        description: 'What is wrong, each with its field, value and what is allowed.',
        content: problems,
      },
    },
  };
}

function componentSchemas(): Record<string, JsonSchema> {
  const documents = describedDocuments
    .map(([, { body }]) => body.fields)
    .filter(type => typeof type !== 'string');
  const bodies = [WithdrawalInput, QuoteInput, PhraseInput, NewPhraseInput];
  const classes = [...documents, Inspection, DrillAnswer, WorkshopSettings, ...bodies];
  // What a format's schema holds within itself stands beside it here.
  const whole = JSON.stringify(schemaOfFormat('grade')).replaceAll('#/$defs/', schemas);
  const { $schema, $defs, ...grade } = JSON.parse(whole) as JsonSchema & { $defs: JsonSchema };
  return {
    ...Object.assign({}, ...classes.map(type => classSchemas(type, schemas))),
    ...($defs as Record<string, JsonSchema>),
    Grade: { ...grade, $comment: `Dialect ${String($schema)}; all formats: ${formatNames.join(', ')}.` },
    Problems: fields({
      errors: {
        type: 'array',
        items: fields({ field: text, value: {}, message: text }),
      },
    }),
  };
}
