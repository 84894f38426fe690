import type { Column } from './catalogRepository';
import { isPicture, type FileKind } from './kinds';

/** What a file says that it is; another format or version is read by another program. */
export const FORMAT = 'bent-pail-notebook';
export const FORMAT_VERSION = 1;

type Json = Readonly<Record<string, unknown>>;

const UUID = '^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$';
const MOMENT = '^[0-9]{4}-[0-9]{2}-[0-9]{2}T[0-9]{2}:[0-9]{2}:[0-9]{2}(\\.[0-9]+)?(Z|[+-][0-9]{2}:?[0-9]{2})$';

const TYPES: Readonly<Record<string, Json>> = {
  uuid: { type: 'string', pattern: UUID },
  text: { type: 'string' },
  varchar: { type: 'string' },
  bool: { type: 'boolean' },
  int2: { type: 'integer', minimum: -32768, maximum: 32767 },
  int4: { type: 'integer', minimum: -2147483648, maximum: 2147483647 },
  int8: { type: 'integer' },
  float8: { type: 'number' },
  numeric: { type: 'number' },
  timestamptz: { type: 'string', pattern: MOMENT },
  date: { type: 'string', pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}$' },
  jsonb: {},
  bytea: { type: 'string', description: 'A picture: base64, or in a ZIP the name of its file.' },
};

function typeOf({ name, type }: Column): Json {
  const one = TYPES[type.replace(/^_/, '')];
  if (one === undefined) throw new Error(`no schema says what a ${type} is (${name})`);
  return type.startsWith('_') ? { type: 'array', items: one } : one;
}

const columnSchema = (column: Column): Json => {
  const one = typeOf(column);
  if (!column.mayLack) return one;
  return 'type' in one ? { ...one, type: [one.type, 'null'] } : one;
};

/** What a row of a kind must be. */
export const rowSchema = ({ told }: FileKind): Json => ({
  type: 'object',
  properties: Object.fromEntries(told.map((column) => [column.name, columnSchema(column)])),
  required: told.filter(({ mayLack }) => !mayLack).map(({ name }) => name),
  additionalProperties: false,
});

/** The published schema of a notebook's file. Units stand at the ends of the names: `mass_g`, `height_cm`. */
export const fileSchema = (kinds: readonly FileKind[]): Json => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A Bent Pail notebook',
  type: 'object',
  properties: {
    format: { const: FORMAT },
    version: { const: FORMAT_VERSION },
    level: { type: 'string', description: 'The last change of shape that its notebook had seen.' },
    program: { type: 'string' },
    madeAt: { type: 'string', pattern: MOMENT },
    part: {
      type: 'object',
      additionalProperties: { type: 'array', items: { type: 'string', pattern: UUID } },
      description: 'Where it is no whole notebook: what it was taken for. All that this rests on is in it.',
    },
    withheld: { type: 'array', items: { type: 'string' }, description: 'What leaves only in a backup.' },
    kinds: {
      type: 'object',
      properties: Object.fromEntries(
        kinds.map((kind) => [
          kind.name,
          { type: 'array', items: rowSchema(kind), description: `Known by ${kind.key.join(', ')}.` },
        ]),
      ),
      additionalProperties: false,
    },
  },
  required: ['format', 'version', 'level', 'kinds'],
});

/** Names of the columns that hold pictures. */
export const picturesOf = ({ told }: FileKind): readonly string[] => told.filter(isPicture).map(({ name }) => name);
