import { DAY_TEXT, MOMENT, type Shape, fieldOf } from './shape';
import { SHAPES } from './shapes';

type Json = Readonly<Record<string, unknown>>;

/** The JSON Schema of a shape. The bounds of a moment, which move with the hour, stand in its description. */
function jsonSchemaOf(shape: Shape): Json {
  switch (shape.of) {
    case 'number':
      return { type: shape.whole ? 'integer' : 'number', minimum: shape.min, maximum: shape.max };
    case 'text':
      return {
        type: 'string',
        minLength: 1,
        maxLength: shape.max,
        ...(shape.trimmed ? { pattern: '^\\S(.*\\S)?$' } : {}),
        ...(shape.like ? { pattern: shape.like.source } : {}),
      };
    case 'moment':
      return {
        type: 'string',
        pattern: MOMENT.source,
        description: `An instant since 1990, at most ${shape.daysAhead} days ahead.`,
      };
    case 'day':
      return { type: 'string', pattern: DAY_TEXT.source };
    case 'flag':
      return { type: 'boolean' };
    case 'one':
      return { enum: shape.among };
    case 'list':
      return {
        type: 'array',
        items: jsonSchemaOf(shape.items),
        minItems: shape.min,
        maxItems: shape.max,
      };
    case 'pair':
      return {
        type: 'array',
        prefixItems: shape.items.map(jsonSchemaOf),
        items: false,
        minItems: 2,
      };
    case 'either':
      return { anyOf: shape.among.map(jsonSchemaOf) };
    case 'table':
      return {
        type: 'object',
        patternProperties: { [shape.keys.source]: jsonSchemaOf(shape.values) },
        additionalProperties: false,
        maxProperties: shape.max,
      };
    case 'fields': {
      const of = Object.entries(shape.fields).map(([key, field]) => ({
        ...fieldOf(key),
        schema: jsonSchemaOf(field),
      }));
      return {
        type: 'object',
        properties: Object.fromEntries(of.map(({ name, schema }) => [name, schema])),
        required: of.flatMap(({ name, optional }) => (optional ? [] : [name])),
        additionalProperties: false,
        ...(shape.min ? { minProperties: shape.min } : {}),
      };
    }
  }
}

/** The JSON Schema of a kitchen's file, as `docs/formats/kitchen.schema.json` has it. */
export const kitchenSchema = (): Json => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A kitchen of Ombrello',
  type: 'object',
  properties: {
    format: { const: 'ombrello-kitchen' },
    version: { const: 2 },
    exportedAt: { type: 'string', pattern: MOMENT.source },
    zone: { type: 'string', description: 'The IANA zone the kitchen is in.' },
    events: { type: 'array', items: { anyOf: Object.keys(SHAPES).map(reference) } },
    setAside: {
      type: 'array',
      description: 'Lines that could not be read once, word for word.',
      items: {
        type: 'object',
        properties: {
          id: { type: 'string' },
          at: { type: 'string' },
          because: { type: 'string' },
          lines: { type: 'array', items: { type: 'string' } },
        },
        required: ['id', 'at', 'because', 'lines'],
      },
    },
  },
  required: ['format', 'version', 'events'],
  $defs: Object.fromEntries(
    Object.entries(SHAPES).map(([kind, shape]) => [kind, jsonSchemaOf(shape)]),
  ),
});

const reference = (kind: string) => ({ $ref: `#/$defs/${kind}` });
