/** Work on screen that comes before the bench of a running lesson. */
import { useEffect } from 'react';
import { Notice } from '../kit/Notice.js';
import { ScreenWork, useOwnScreenWork } from './ScreenWork.js';

export function Prelab({
  student,
  held,
}: {
  readonly student: string;
  readonly held: (back: boolean) => void;
}) {
  const own = useOwnScreenWork(student);
  const first = own?.first ?? false;
  useEffect(() => held(first), [first, held]);
  if (!own?.work) return null;
  if (own.work.kind === 'pre-lab' && !first) return null;
  return (
    <>
      {first && (
        <Notice tone="look">
          Your teacher wants this passed before you work at the bench. Stuck? Call your teacher, who can let
          you off.
        </Notice>
      )}
      <ScreenWork own={own} />
    </>
  );
}
