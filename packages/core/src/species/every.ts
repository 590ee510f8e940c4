/**
 * A list of records in which no id of its type is missing: `every<CationId>()([…])`. The compiler names those that are,
 * so that a new id is asked for wherever its facts belong.
 */
export const every =
  <Id extends string>() =>
  <R extends { readonly id: string }>(
    records: readonly R[] &
      ([Exclude<Id, R['id']>] extends [never] ? unknown : { readonly missing: Exclude<Id, R['id']> }),
  ): readonly R[] =>
    records;
