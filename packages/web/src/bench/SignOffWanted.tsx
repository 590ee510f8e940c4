/** A step that waits for the teacher's eye, or a technique to be signed off: asked for, waited for, given. */
import type { GroupRecord, StudentBody } from '@kivex/core';
import { Button } from '../kit/Button.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';

/** The last word on a step, or on the technique where no step is named. */
const wordOn = ({ signedOff }: GroupRecord, test: string, step?: number) =>
  signedOff.find((s) => s.test === test && s.step === step);

export const isSignedOff = (record: GroupRecord, test: string, step?: number): boolean =>
  wordOn(record, test, step)?.good ?? false;

export function SignOffWanted({
  record,
  test,
  step,
  log,
}: {
  readonly record: GroupRecord;
  readonly test: string;
  /** Of the method; the technique of the whole test where it is left out. */
  readonly step?: number;
  readonly log: (body: StudentBody) => Promise<string>;
}) {
  const word = wordOn(record, test, step);
  const asked = record.openCalls.find((c) => c.reason === 'sign-off' && c.test === test && c.step === step);
  const technique = step === undefined;
  if (word?.good)
    return (
      <Notice tone="go">
        {technique ? 'Your technique is signed off' : 'Your teacher has seen it'}, {clock(word.at)}.
      </Notice>
    );
  return (
    <Notice
      tone="look"
      action={
        !asked && (
          <Button
            size="bench"
            variant="look"
            onClick={() =>
              void log({ type: 'call', reason: 'sign-off', test, ...(technique ? {} : { step }) })
            }
          >
            {technique ? 'Have it signed off' : 'Ask the teacher over'}
          </Button>
        )
      }
    >
      {word && !asked && 'Not yet right: ask your teacher what to change, and show it again. '}
      {asked
        ? `Asked at ${clock(asked.at)}; your teacher comes.`
        : technique
          ? 'How you do this test is signed off by your teacher.'
          : 'Show your teacher before you go on.'}
    </Notice>
  );
}
