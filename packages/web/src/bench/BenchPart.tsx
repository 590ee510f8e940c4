/** Method, log, naming or handing in: whichever place of the bench one is at beside the tile. */
import type { Bench } from '@kivex/contract';
import type { GroupRecord } from '@kivex/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../kit/Notice.js';
import { optional } from '../kit/optional.js';
import { loadHandIn, loadMethod, loadNaming, loadPad, loadWho } from './bench-parts.js';
import type { BenchState } from './bench-store.js';
import type { Place } from './places.js';

const Method = lazy(async () => ({ default: (await loadMethod()).Method }));
const Pad = lazy(async () => ({ default: (await loadPad()).Pad }));
const Naming = lazy(async () => ({ default: (await loadNaming()).Naming }));
const HandIn = lazy(async () => ({ default: (await loadHandIn()).HandIn }));
const OwnIsShut = optional(async () => (await loadWho()).OwnIsShut);

interface BenchPartProps extends Pick<BenchState, 'waiting' | 'log' | 'unlock'> {
  readonly place: Exclude<Place, 'tile'>;
  readonly bench: Bench;
  readonly record: GroupRecord;
  /** The test under way. */
  readonly test: string | undefined;
  readonly chooseTest: (id: string) => void;
  /** The sample a cell of the tile pointed at. */
  readonly sample: string | undefined;
  readonly moveTo: (place: Place) => void;
  readonly leave: () => void;
}

export function BenchPart({
  place,
  bench,
  record,
  waiting,
  test,
  chooseTest,
  sample,
  log,
  unlock,
  moveTo,
  leave,
}: BenchPartProps) {
  return (
    <Suspense fallback={<Loading ofShell what="this part of the bench" />}>
      {place === 'method' && (
        <Method
          bench={bench}
          record={record}
          test={test}
          chooseTest={chooseTest}
          log={log}
          toLog={() => moveTo('log')}
        />
      )}
      {place === 'log' && (
        <Pad
          key={bench.me.id}
          bench={bench}
          record={record}
          waiting={waiting}
          test={test}
          chooseTest={chooseTest}
          sample={sample}
          log={log}
        />
      )}
      {bench.locked && (place === 'name' || place === 'hand-in') && (
        <OwnIsShut bench={bench} unlock={unlock} />
      )}
      {place === 'name' && !bench.locked && (
        <Naming key={bench.me.id} bench={bench} record={record} log={log} toLog={() => moveTo('log')} />
      )}
      {place === 'hand-in' && !bench.locked && (
        <HandIn
          bench={bench}
          record={record}
          unsent={waiting.filter((w) => !w.refused).length}
          log={log}
          moveTo={moveTo}
          leave={leave}
        />
      )}
    </Suspense>
  );
}
