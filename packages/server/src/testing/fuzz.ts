/**
 * Bodies, paths and messages that no page of ours would send, made from the server's own description of its routes: a
 * form as it should be with something in it gone wrong, or nothing of a form at all. Seeded, so that a failure repeats.
 */
import { v7 as uuidv7 } from 'uuid';

export interface FuzzRoute {
  readonly method: string;
  /** With parameters as `{lesson}`. */
  readonly path: string;
  readonly schema: Schema | undefined;
}
interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly items?: Schema;
}
export interface OpenApi {
  readonly paths: Readonly<
    Record<
      string,
      Readonly<
        Record<
          string,
          {
            readonly requestBody?: {
              readonly content: Readonly<Record<string, { readonly schema?: Schema }>>;
            };
          }
        >
      >
    >
  >;
  readonly components?: { readonly schemas?: Readonly<Record<string, Schema>> };
}
export type Random = () => number;

/** Routes of a server, from its description. @param without paths that would end what the fuzz runs on. */
export function fuzzRoutes(api: OpenApi, without: RegExp): FuzzRoute[] {
  return Object.entries(api.paths).flatMap(([path, methods]) =>
    Object.entries(methods)
      .filter(([method]) => !without.test(`${method.toUpperCase()} ${path}`))
      .map(([method, { requestBody }]) => ({
        method: method.toUpperCase(),
        path,
        schema: requestBody && Object.values(requestBody.content)[0]?.schema,
      })),
  );
}

const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;
/** A text as part of an address; half a surrogate pair cannot be one. */
const inAddress = (text: string): string => encodeURIComponent(text.replace(/\p{Surrogate}/gu, ''));
const nested = (depth: number): unknown => (depth ? { a: [nested(depth - 1)] } : 1);

const texts: readonly string[] = [
  '',
  ' ',
  'x',
  '0',
  '-1',
  '1e999',
  'null',
  'undefined',
  '__proto__',
  'constructor',
  '2026-W48',
  '0000-00-00T00:00:00Z',
  '2026-11-25T09:00:00.000Z',
  '9999999999999999999',
  "'; DROP TABLE lesson; --",
  '<script>alert(1)</script>',
  '../../etc/passwd',
  '%00%ff',
  '\u0000\u0007',
  '\uD800',
  '\u202Ereversed\u202C',
  '🔥'.repeat(200),
  'é'.repeat(5_000),
  '{"a":1}',
  '[object Object]',
];
const numbers: readonly number[] = [
  0,
  -0,
  -1,
  1,
  2,
  0.1,
  1e308,
  -1e308,
  1e-320,
  2 ** 31,
  2 ** 53,
  1.5,
  255,
  65536,
];

/** Anything JSON can say. */
export function anything(random: Random, depth = 0): unknown {
  switch (Math.floor(random() * (depth > 3 ? 5 : 9))) {
    case 0:
      return null;
    case 1:
      return random() < 0.5;
    case 2:
      return pick(numbers, random);
    case 3:
      return pick(texts, random);
    case 4:
      return uuidv7();
    case 5:
      return Array.from({ length: Math.floor(random() * 5) }, () => anything(random, depth + 1));
    case 6:
      return Array.from({ length: Math.floor(random() * 300) }, () => pick(texts, random));
    case 7:
      return nested(Math.floor(random() * 30));
    default:
      return Object.fromEntries(
        Array.from({ length: Math.floor(random() * 6) }, () => [
          pick(
            ['type', 'id', 'name', '__proto__', 'constructor', 'toString', 'length', 'body', 'at'],
            random,
          ),
          anything(random, depth + 1),
        ]),
      );
  }
}

/** A value of a schema, most of it as it should be. @param ids that are there. */
function value(schema: Schema, api: OpenApi, ids: readonly string[], random: Random, depth = 0): unknown {
  if (random() < 0.12 || depth > 6) return anything(random, depth);
  if (schema.$ref) {
    const named = api.components?.schemas?.[schema.$ref.split('/').at(-1)!];
    return named ? value(named, api, ids, random, depth + 1) : {};
  }
  if (schema.enum) return pick(schema.enum, random);
  switch (schema.type) {
    case 'string':
      return random() < 0.4 ? pick(ids, random) : pick(texts, random);
    case 'number':
    case 'integer':
      return pick(numbers, random);
    case 'boolean':
      return random() < 0.5;
    case 'array':
      return Array.from({ length: Math.floor(random() * 4) }, () =>
        value(schema.items ?? {}, api, ids, random, depth + 1),
      );
    default: {
      const entries = Object.entries(schema.properties ?? {}).filter(() => random() > 0.08);
      const made = Object.fromEntries(
        entries.map(([key, inner]) => [key, value(inner, api, ids, random, depth + 1)]),
      );
      return random() < 0.06 ? { ...made, stranger: anything(random) } : made;
    }
  }
}

export interface FuzzRequest {
  readonly method: string;
  readonly path: string;
  /** Undefined: no body; a text is sent as it is. */
  readonly body: unknown;
}

/** Ids that are there, by the name that stands for them in a path. */
export type KnownIds = Readonly<Record<string, readonly string[]>>;

/** One request to a route. @param known to get past the door with. */
export function fuzzRequest(route: FuzzRoute, api: OpenApi, known: KnownIds, random: Random): FuzzRequest {
  const ids = Object.values(known).flat();
  const path = route.path.replace(/\{([^}]+)\}/g, (_, name: string) =>
    inAddress(
      random() < 0.8
        ? pick(random() < 0.9 ? (known[name] ?? ids) : ids, random)
        : random() < 0.5
          ? uuidv7()
          : pick(texts, random).slice(0, 300) || 'x',
    ),
  );
  const query =
    random() < 0.2
      ? `?${pick(['after', 'before', 'limit', 'only', 'skip'], random)}=${inAddress(pick(texts, random).slice(0, 200))}`
      : '';
  if (route.method === 'GET') return { method: route.method, path: path + query, body: undefined };
  const roll = random();
  const body =
    roll < 0.04
      ? pick(['{', '[', '"', 'nul', '{"a":', '\u0000', `${'['.repeat(300)}${']'.repeat(300)}`], random)
      : roll < 0.12
        ? anything(random)
        : route.schema
          ? value(route.schema, api, ids, random)
          : {};
  return { method: route.method, path: path + query, body };
}

/** An entry as a bench sends it, with something in it gone wrong now and then. */
export function fuzzEntry(samples: readonly string[], random: Random): unknown {
  if (random() < 0.15) return anything(random);
  const some = <T>(right: T): unknown => (random() < 0.12 ? anything(random) : right);
  const bodies = [
    {
      type: 'observation',
      sample: some(pick(samples, random)),
      test: some('flame'),
      variant: some('wire'),
      seen: some({ colour: some(pick(['crimson', 'yellow', 'none'], random)) }),
      ...(random() < 0.3 ? { words: some(pick(texts, random)) } : {}),
      ...(random() < 0.2 ? { corrects: some(uuidv7()) } : {}),
    },
    { type: 'naming', sample: some(pick(samples, random)), answer: some('sodium'), evidence: some([]) },
    { type: 'call', reason: some('help') },
    { type: 'step', test: some('flame'), step: some(1) },
    { type: some('hand-in') },
  ];
  return {
    id: some(uuidv7()),
    at: some(random() < 0.8 ? new Date().toISOString() : pick(texts, random)),
    body: some(pick(bodies, random)),
  };
}
