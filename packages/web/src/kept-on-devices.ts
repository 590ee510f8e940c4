/**
 * What a device keeps of Kivex so that it opens without a network: the pages of students whole, of staff only the frame
 * that says so. A class opens thirty devices at once, and each would fetch every page of staff for nothing.
 */

/** Pages that open without a network, with all they fetch later, as they are named in `pages.tsx`. */
export const keptPages: readonly string[] = [
  'bench/JoinPage',
  'bench/BenchPage',
  'practise/PractisePage',
  'practise/ScreenWorkPage',
  'practise/AnswerPage',
  'practise/SetPage',
  'kit/shell/StaffRoot',
  'kit/shell/Shell',
];
/** Their addresses: these begin with what the device keeps, any other with what the server has, where it is reached. */
export const keptAddresses = [/^\/$/, /^\/bench(\/|$)/, /^\/practise$/, /^\/answer$/, /^\/set\//];

/** A file that is built of modules, as the bundler tells of it. */
export interface Chunk {
  readonly isEntry: boolean;
  /** Modules in it, by their paths. */
  readonly moduleIds: readonly string[];
  /** Files it cannot do without, and files it may fetch later. */
  readonly imports: readonly string[];
  readonly dynamicImports: readonly string[];
}

/** The file with the table of pages may fetch each of them; which are kept is said above. */
const mayFetchAll = ({ moduleIds }: Chunk): boolean => moduleIds.some((id) => id.endsWith('/pages.tsx'));

/**
 * Files that the pages need which open without a network, with all they fetch later.
 * @param chunks by file name. @param pages as in `keptPages`.
 * @throws Error naming a page that is in no file: it was moved or is called otherwise now.
 */
export function filesKept(
  chunks: ReadonlyMap<string, Chunk>,
  pages: readonly string[] = keptPages,
): ReadonlySet<string> {
  const kept = new Set<string>();
  const keep = (file: string): void => {
    const chunk = chunks.get(file);
    if (!chunk || kept.has(file)) return;
    kept.add(file);
    chunk.imports.forEach(keep);
    if (!mayFetchAll(chunk)) chunk.dynamicImports.forEach(keep);
  };
  for (const [file, { isEntry }] of chunks) if (isEntry) keep(file);
  for (const page of pages) {
    const [file] =
      [...chunks].find(([, { moduleIds }]) => moduleIds.some((id) => id.endsWith(`/${page}.tsx`))) ?? [];
    if (file === undefined)
      throw new Error(`${page} is to open without a network, but no such page is built.`);
    keep(file);
  }
  return kept;
}
