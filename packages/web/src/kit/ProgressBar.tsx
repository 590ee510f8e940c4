/** How far long work has come; without a number, that it goes on. */
import { Progress } from '@chakra-ui/react';

export function ProgressBar({
  done,
  of = 1,
  name,
}: {
  /** Left out where nobody can say. */
  readonly done?: number;
  readonly of?: number;
  readonly name: string;
}) {
  return (
    <Progress.Root value={done ?? null} max={of} width="100%" translations={{ value: () => name }}>
      <Progress.Track>
        <Progress.Range />
      </Progress.Track>
    </Progress.Root>
  );
}
