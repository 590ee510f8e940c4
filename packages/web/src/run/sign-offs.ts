/** What of a bench wants a teacher's eye: steps that wait for it, and techniques that are marked. */
import type { GroupRecord, Method, PlannedTest, SignOff } from '@kivex/core';

export interface WantedSignOff {
  readonly key: string;
  readonly test: string;
  /** Undefined for the technique of the whole test. */
  readonly step: number | undefined;
  readonly text: string;
  /** The last word on it. */
  readonly word: SignOff | undefined;
  /** The open call that asks for it. */
  readonly call: GroupRecord['openCalls'][number] | undefined;
}

/** In the order of the tests and their steps: a call that comes in moves nothing under the finger that signs. */
export function signOffsOf(
  methods: readonly Method[],
  tests: readonly PlannedTest[],
  { signedOff, openCalls }: GroupRecord,
): WantedSignOff[] {
  const of = (test: string, step: number | undefined, text: string): WantedSignOff => ({
    key: `${test} ${step ?? ''}`,
    test,
    step,
    text,
    word: signedOff.find((s) => s.test === test && s.step === step),
    call: openCalls.find((c) => c.reason === 'sign-off' && c.test === test && c.step === step),
  });
  return methods.flatMap((method) => [
    ...method.steps
      .filter((s) => s.teacherFirst || s.teacherOnly)
      .map((s) => of(method.test, s.index, s.text)),
    ...(tests.find((t) => t.test === method.test)?.technique
      ? [of(method.test, undefined, 'technique')]
      : []),
  ]);
}

/** Calls that no sign-off answers. */
export const otherCalls = (
  { openCalls }: Pick<GroupRecord, 'openCalls'>,
  wanted: readonly WantedSignOff[],
): GroupRecord['openCalls'] => openCalls.filter((call) => wanted.every((w) => w.call?.id !== call.id));
