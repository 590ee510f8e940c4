/** What of a bench waits for the teacher’s eye, and what was seen. */
import { chakra } from '@chakra-ui/react';
import { Check, X } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import type { BenchStatus } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import { Line, Part } from './DrawerParts.js';
import type { WantedSignOff } from './sign-offs.js';

/** How it stands with one; always a line, so that nothing moves when a word or a call comes. */
function standing({ word, call }: WantedSignOff): { text: string; color: string } {
  if (call) return { text: `asked for ${clock(call.at)}`, color: 'saffron' };
  if (!word) return { text: 'not signed off', color: 'ink.soft' };
  return word.good
    ? { text: `signed off ${clock(word.at)}`, color: 'verdigris' }
    : { text: 'not yet right', color: 'saffron' };
}

export function SignOffs({
  wanted,
  bench,
  acts,
}: {
  readonly wanted: readonly WantedSignOff[];
  readonly bench: BenchStatus;
  readonly acts: BenchActs;
}) {
  if (!wanted.length) return null;
  return (
    <Part title="Sign-offs">
      {wanted.map((one) => {
        const { key, test, step, text, word, call } = one;
        const { text: how, color } = standing(one);
        const of = `${shortTestName(test)}, ${text}`;
        const sign = (good: boolean) =>
          acts.signOff({
            groups: [bench.group.id],
            test,
            good,
            ...(step === undefined ? {} : { step }),
            ...(call ? { call: call.id } : {}),
          });
        return (
          <Line
            key={key}
            text={
              <>
                <chakra.span lineClamp="2">
                  <b>{shortTestName(test)}:</b> {text}
                </chakra.span>
                <chakra.span display="block" color={color} fontWeight="600">
                  {how}
                </chakra.span>
              </>
            }
          >
            {!word?.good && (
              <Button
                size="small"
                variant={call ? 'look' : 'plain'}
                aria-label={`Sign off: ${of}`}
                onClick={() => sign(true)}
              >
                <Check size={15} aria-hidden /> Sign off
              </Button>
            )}
            <Button size="small" variant="quiet" aria-label={`Not yet: ${of}`} onClick={() => sign(false)}>
              <X size={15} aria-hidden /> Not yet
            </Button>
          </Line>
        );
      })}
    </Part>
  );
}
