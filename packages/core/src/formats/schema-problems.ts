/** Turns what a JSON Schema validator found into sentences at the place they concern. */
import { Validator, type OutputUnit, type Schema } from '@cfworker/json-schema';

export interface FileProblem {
  /** Where in the document, as a person would say it: `samples 3, form`. */
  readonly where: string;
  readonly text: string;
}

/** A JSON pointer in words; places in lists count from 1. */
function placeOf(pointer: string): string {
  const parts = pointer
    .replace(/^#\/?/, '')
    .split('/')
    .filter(Boolean)
    .map((part) => decodeURIComponent(part.replaceAll('~1', '/').replaceAll('~0', '~')));
  const words = parts.reduce<string[]>((list, part) => {
    const last = list.at(-1);
    return /^\d+$/.test(part) && last !== undefined
      ? [...list.slice(0, -1), `${last} ${Number(part) + 1}`]
      : [...list, part];
  }, []);
  return words.join(', ') || 'the file';
}

/** Keywords that only say that something below them is wrong. */
const wrappers = new Set(['properties', 'items', 'prefixItems', 'additionalProperties', '$ref', 'allOf']);

function sentenceOf({ keyword, error }: OutputUnit): string {
  const quoted = error.match(/"([^"]*)"/)?.[1];
  switch (keyword) {
    case 'required':
      return `“${quoted ?? 'something'}” is missing; add it.`;
    case 'false':
      return 'This is not known here; check the spelling or take it out.';
    case 'enum':
    case 'const':
      return `This value is not one of those allowed. ${error.replace(/^Instance /, 'It ').slice(0, 300)}`;
    case 'type':
      return error.replace(
        /^Instance type "([^"]*)" is invalid\. Expected "([^"]*)".*$/,
        'This is a $1; it must be a $2.',
      );
    case 'minLength':
      return 'This is empty; write something.';
    case 'maxLength':
      return 'This is too long; shorten it.';
    case 'minItems':
      return 'There are too few here; add some.';
    case 'maxItems':
      return 'There are too many here; take some out.';
    case 'uniqueItems':
      return 'The same thing stands twice; take one out.';
    default:
      return `${error.replace(/^Instance/, 'This value').replace(/\.$/, '')}; change it.`;
  }
}

/** What a document has against a schema, at most twenty sentences; none when it fits. */
export function schemaProblems(schema: object, document: unknown): FileProblem[] {
  // As it would stand in a file: keys without a value are not there.
  const filed = JSON.parse(JSON.stringify(document)) as unknown;
  const { valid, errors } = new Validator(schema as Schema, '2020-12', false).validate(filed);
  if (valid) return [];
  const leaves = errors.filter((e) => !wrappers.has(e.keyword));
  const seen = new Set<string>();
  return (leaves.length ? leaves : errors)
    .map((unit) => ({ where: placeOf(unit.instanceLocation), text: sentenceOf(unit) }))
    .filter(({ where, text }) => {
      const key = `${where}|${text}`;
      return !seen.has(key) && Boolean(seen.add(key));
    })
    .slice(0, 20);
}
