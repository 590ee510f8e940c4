/** The ions that have a file of their own. A new one gets its line here. */
import type { AnionFile, CationFile } from './ion-file.js';
import { thiosulfate } from './ions/thiosulfate.js';

export const filedCations = {} as const satisfies Readonly<Record<string, CationFile>>;
export const filedAnions = { 'S2O3^2-': thiosulfate } as const satisfies Readonly<Record<string, AnionFile>>;

export type FiledCationId = keyof typeof filedCations;
export type FiledAnionId = keyof typeof filedAnions;

/** All of them, by id. */
export const filedIons = { ...filedCations, ...filedAnions };
export type FiledIonId = keyof typeof filedIons;
/** Ids of those whose file says what a test shows. */
export type FiledFor<Test extends string> = {
  [Id in FiledIonId]: Test extends keyof (typeof filedIons)[Id]['shows'] ? Id : never;
}[FiledIonId];

/** One fact of every ion in a list of files, by id. */
export const factOf = <Files extends object, Fact extends string>(
  files: Files,
  fact: Fact,
): { readonly [Id in keyof Files]: Files[Id] extends Readonly<Record<Fact, infer Value>> ? Value : never } =>
  Object.fromEntries(
    Object.entries(files).map(([id, file]) => [id, (file as Readonly<Record<string, unknown>>)[fact]]),
  ) as never;

/** What the files say a test shows, with the ion of each. */
export const filedOutcomes = (test: string) =>
  (Object.entries(filedIons) as [FiledIonId, CationFile | AnionFile][]).flatMap(([of, { shows }]) =>
    (shows[test] ?? []).map((outcome) => ({ of, ...outcome })),
  );
