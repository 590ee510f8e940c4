/** The kinds of spreadsheet, and how much of one is taken. */
export const sheetKinds = ['csv', 'xlsx', 'ods'] as const;
export type SheetKind = (typeof sheetKinds)[number];
/** For checking a kind in an address. */
export const sheetKindNames = { csv: 'csv', xlsx: 'xlsx', ods: 'ods' } as const;

export type Table = readonly (readonly string[])[];

export const sheetTypes: Readonly<Record<SheetKind, string>> = {
  csv: 'text/csv; charset=utf-8',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
};

/** Largest file taken. */
export const mostBytes = 2_000_000;
/** Rows and columns read; what lies beyond is left out, and said. */
export const mostRows = 5000;
export const mostColumns = 60;
/** Letters read in all: a small file can hold a great deal of nothing. */
export const mostLetters = 4_000_000;

/** A sheet as read: its rows, and whether something below or beside them was left out. */
export interface ReadTable {
  readonly rows: readonly (readonly string[])[];
  readonly cut: boolean;
}
