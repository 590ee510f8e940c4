/**
 * Classes and results as the tables schools exchange: one CSV file a kind of thing, rows that name each other by `sourcedId`.
 * What is written here can be read back; of what others write, columns that are not needed are passed over.
 */

export interface ExchangePerson {
  readonly id: string;
  readonly role: 'student' | 'teacher';
  readonly name: string;
}
export interface ExchangeClass {
  readonly id: string;
  readonly name: string;
  /** Ids of its people. */
  readonly people: readonly string[];
}
export interface ExchangeLineItem {
  readonly id: string;
  readonly title: string;
  /** Day it was done. */
  readonly date: string;
  readonly classId: string;
  readonly max: number;
}
export interface ExchangeResult {
  readonly id: string;
  readonly lineItem: string;
  readonly student: string;
  readonly score: number;
  readonly date: string;
  readonly comment: string;
}
export interface Exchange {
  readonly school: { readonly id: string; readonly name: string };
  readonly people: readonly ExchangePerson[];
  readonly classes: readonly ExchangeClass[];
  readonly lineItems: readonly ExchangeLineItem[];
  readonly results: readonly ExchangeResult[];
}
/** By file name: rows of texts, headings first. */
export type ExchangeTables = Readonly<Record<string, readonly (readonly string[])[]>>;

const heads = {
  orgs: ['sourcedId', 'status', 'dateLastModified', 'name', 'type'],
  users: [
    'sourcedId',
    'status',
    'dateLastModified',
    'enabledUser',
    'orgSourcedIds',
    'role',
    'givenName',
    'familyName',
  ],
  classes: ['sourcedId', 'status', 'dateLastModified', 'title', 'classType', 'schoolSourcedId'],
  enrollments: [
    'sourcedId',
    'status',
    'dateLastModified',
    'classSourcedId',
    'schoolSourcedId',
    'userSourcedId',
    'role',
  ],
  lineItems: [
    'sourcedId',
    'status',
    'dateLastModified',
    'title',
    'assignDate',
    'dueDate',
    'classSourcedId',
    'resultValueMin',
    'resultValueMax',
  ],
  results: [
    'sourcedId',
    'status',
    'dateLastModified',
    'lineItemSourcedId',
    'studentSourcedId',
    'scoreStatus',
    'score',
    'scoreDate',
    'comment',
  ],
} as const;
type Kind = keyof typeof heads;
/** Names of the files. */
export const exchangeFiles = (Object.keys(heads) as Kind[]).map((kind) => `${kind}.csv`);

/** The last word of a name is taken for the family's. */
const split = (name: string): readonly [string, string] => {
  const at = name.lastIndexOf(' ');
  return at < 0 ? ['', name] : [name.slice(0, at), name.slice(at + 1)];
};

/** @param at when it was written, ISO 8601. */
export function exchangeTables(
  { school, people, classes, lineItems, results }: Exchange,
  at: string,
): ExchangeTables {
  const role = new Map(people.map((p) => [p.id, p.role]));
  const rows: Record<Kind, string[][]> = {
    orgs: [[school.id, 'active', at, school.name, 'school']],
    users: people.map(({ id, role: as, name }) => [id, 'active', at, 'true', school.id, as, ...split(name)]),
    classes: classes.map(({ id, name }) => [id, 'active', at, name, 'scheduled', school.id]),
    enrollments: classes.flatMap(({ id, people: of }) =>
      of.map((person) => [
        `${id}:${person}`,
        'active',
        at,
        id,
        school.id,
        person,
        role.get(person) ?? 'student',
      ]),
    ),
    lineItems: lineItems.map(({ id, title, date, classId, max }) => [
      id,
      'active',
      at,
      title,
      date,
      date,
      classId,
      '0',
      String(max),
    ]),
    results: results.map(({ id, lineItem, student, score, date, comment }) => [
      id,
      'active',
      at,
      lineItem,
      student,
      'fully graded',
      String(score),
      date,
      comment,
    ]),
  };
  return Object.fromEntries(
    (Object.keys(heads) as Kind[]).map((kind) => [`${kind}.csv`, [[...heads[kind]], ...rows[kind]]]),
  );
}

export interface ExchangeProblem {
  readonly file: string;
  /** From 1, the headings counted; 0 of the file as a whole. */
  readonly line: number;
  readonly text: string;
}

type Record_ = Readonly<Record<string, string>>;

/** Reads what somebody exchanges. Rows that cannot be taken are told, and the rest is read. */
export function readExchange(tables: ExchangeTables): {
  readonly exchange: Exchange;
  readonly problems: readonly ExchangeProblem[];
} {
  const problems: ExchangeProblem[] = [];
  const of = (kind: Kind, needed: readonly string[], must = true): { line: number; row: Record_ }[] => {
    const file = `${kind}.csv`;
    const table = tables[file];
    if (!table?.length) {
      if (must) problems.push({ file, line: 0, text: `The file ${file} is missing or empty.` });
      return [];
    }
    const names = table[0]!.map((cell) => cell.trim());
    const missing = needed.filter((name) => !names.includes(name));
    if (missing.length) {
      problems.push({ file, line: 1, text: `There is no column ${missing.join(', ')}.` });
      return [];
    }
    return table.slice(1).flatMap((cells, i) => {
      const row = Object.fromEntries(names.map((name, c) => [name, (cells[c] ?? '').trim()]));
      if (row['status'] === 'tobedeleted' || !Object.values(row).some(Boolean)) return [];
      if (row['sourcedId']) return [{ line: i + 2, row }];
      problems.push({ file, line: i + 2, text: 'This line has no sourcedId, so nothing can refer to it.' });
      return [];
    });
  };
  const known = <T extends { readonly id: string }>(list: readonly T[]) => new Set(list.map((one) => one.id));

  const [school] = of('orgs', ['sourcedId', 'name'], false).map(({ row }) => ({
    id: row['sourcedId']!,
    name: row['name']!,
  }));
  const people = of('users', ['sourcedId', 'role', 'givenName', 'familyName']).flatMap(
    ({ line, row }): ExchangePerson[] => {
      const name = `${row['givenName']} ${row['familyName']}`.trim();
      if (name)
        return [{ id: row['sourcedId']!, role: row['role'] === 'teacher' ? 'teacher' : 'student', name }];
      problems.push({ file: 'users.csv', line, text: 'This person has no name.' });
      return [];
    },
  );
  const persons = known(people);
  const enrolled = of('enrollments', ['sourcedId', 'classSourcedId', 'userSourcedId']).flatMap(
    ({ line, row }) => {
      if (persons.has(row['userSourcedId']!)) return [row];
      problems.push({
        file: 'enrollments.csv',
        line,
        text: `There is nobody with the sourcedId ${row['userSourcedId']} in users.csv.`,
      });
      return [];
    },
  );
  const classes = of('classes', ['sourcedId', 'title']).map(({ row }): ExchangeClass => ({
    id: row['sourcedId']!,
    name: row['title']!,
    people: enrolled.filter((e) => e['classSourcedId'] === row['sourcedId']).map((e) => e['userSourcedId']!),
  }));
  const inClass = known(classes);
  const lineItems = of(
    'lineItems',
    ['sourcedId', 'title', 'classSourcedId', 'resultValueMax'],
    false,
  ).flatMap(({ line, row }): ExchangeLineItem[] => {
    const max = Number(row['resultValueMax']);
    if (inClass.has(row['classSourcedId']!) && Number.isFinite(max))
      return [
        {
          id: row['sourcedId']!,
          title: row['title']!,
          date: row['dueDate'] ?? '',
          classId: row['classSourcedId']!,
          max,
        },
      ];
    problems.push({
      file: 'lineItems.csv',
      line,
      text: 'It is of no class that is here, or its highest value is no number.',
    });
    return [];
  });
  const items = known(lineItems);
  const results = of(
    'results',
    ['sourcedId', 'lineItemSourcedId', 'studentSourcedId', 'score'],
    false,
  ).flatMap(({ line, row }): ExchangeResult[] => {
    const score = Number(row['score']);
    if (row['score'] && Number.isFinite(score) && items.has(row['lineItemSourcedId']!))
      return [
        {
          id: row['sourcedId']!,
          lineItem: row['lineItemSourcedId']!,
          student: row['studentSourcedId']!,
          score,
          date: row['scoreDate'] ?? '',
          comment: row['comment'] ?? '',
        },
      ];
    problems.push({
      file: 'results.csv',
      line,
      text: 'Its score is no number, or it is of no line item that is here.',
    });
    return [];
  });
  return {
    exchange: { school: school ?? { id: '', name: '' }, people, classes, lineItems, results },
    problems,
  };
}
