/** The ions and gases that have a file of their own. A new one gets its line here. */
import { hydrogenChloride } from './gases/hydrogen-chloride.js';
import type { AnionFile, CationFile, GasFile } from './one-file.js';
import { thiosulfate } from './ions/thiosulfate.js';

export const filedCations = {} as const satisfies Readonly<Record<string, CationFile>>;
export const filedAnions = { 'S2O3^2-': thiosulfate } as const satisfies Readonly<Record<string, AnionFile>>;

export const filedGases = { HCl: hydrogenChloride } as const satisfies Readonly<Record<string, GasFile>>;

export type FiledCationId = keyof typeof filedCations;
export type FiledAnionId = keyof typeof filedAnions;
export type FiledGasId = keyof typeof filedGases;

/** All of them, by id. */
export const filedIons = { ...filedCations, ...filedAnions };
export type FiledIonId = keyof typeof filedIons;
const filed = { ...filedIons, ...filedGases };
type FiledId = keyof typeof filed;
/** Ids of those whose file says what a test shows. */
export type FiledFor<Test extends string> = {
  [Id in FiledId]: Test extends keyof (typeof filed)[Id]['shows'] ? Id : never;
}[FiledId];

/** One fact of every ion in a list of files, by id. */
export const factOf = <Files extends object, Fact extends string>(
  files: Files,
  fact: Fact,
): { readonly [Id in keyof Files]: Files[Id] extends Readonly<Record<Fact, infer Value>> ? Value : never } =>
  Object.fromEntries(
    Object.entries(files).map(([id, file]) => [id, (file as Readonly<Record<string, unknown>>)[fact]]),
  ) as never;

/** What the files say a test shows, with the ion or gas of each. */
export const filedOutcomes = (test: string) =>
  (Object.entries(filed) as [FiledId, CationFile | AnionFile | GasFile][]).flatMap(([of, { shows }]) =>
    (shows[test] ?? []).map((outcome) => ({ of, ...outcome })),
  );
