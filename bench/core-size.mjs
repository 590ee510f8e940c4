// What the bench page needs of the core to log and name, bundled and gzipped as it is sent.
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';

/** Sizes in bytes of the core's part of the bench page and of the whole core. */
export async function coreSize(root) {
  const web = join(root, 'packages', 'web');
  const sized = async (names) => {
    const entry = join(web, 'size-entry.mjs');
    writeFileSync(entry, `export ${names} from '@kivex/core';`);
    try {
      const built = await build({
        root: web,
        configFile: false,
        logLevel: 'error',
        build: { write: false, lib: { entry, formats: ['es'] } },
      });
      return [built]
        .flat()
        .reduce((sum, b) => sum + b.output.reduce((s, o) => s + gzipSync(o.code ?? '').length, 0), 0);
    } finally {
      rmSync(entry, { force: true });
    }
  };
  const needed =
    '{ adviceOn, attributeOf, decisive, formulaParts, identify, ionOf, isIonId, isTestId, namingOf, readGroup, readIons, standing, testOf, variantOf }';
  return { bench: await sized(needed), whole: await sized('*') };
}
