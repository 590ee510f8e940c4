/** Entries of somebody else that are still on this device: told, and handed to the teacher where that helps. */
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import type { Unsent } from './device-store.js';

const many = (n: number): string => (n === 1 ? 'One entry' : `${n} entries`);

/** @param lesson the lesson somebody is at now; only its entries can be handed over. */
export function OthersHere({
  others,
  lesson,
  handOver,
}: {
  readonly others: readonly Unsent[];
  readonly lesson?: string;
  readonly handOver?: (of: Unsent) => Promise<void>;
}) {
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (!others.length) return null;
  return (
    <>
      {others.map((of) => (
        <Notice
          key={`${of.lesson} ${of.student}`}
          tone="look"
          action={
            handOver &&
            of.lesson === lesson && (
              <Button
                size="bench"
                disabled={busy}
                onClick={() => {
                  setBusy(true);
                  setProblem(undefined);
                  handOver(of)
                    .catch((error: Error) => setProblem(error.message))
                    .finally(() => setBusy(false));
                }}
              >
                Hand them to your teacher
              </Button>
            )
          }
        >
          {many(of.count)} of {of.name} ({of.title}) {of.count === 1 ? 'is' : 'are'} still on this device
          only. {of.name} can send {of.count === 1 ? 'it' : 'them'} by joining here again.
        </Notice>
      ))}
      {problem && <Notice tone="stop">{problem}</Notice>}
    </>
  );
}
