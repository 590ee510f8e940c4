/** Why a document was not saved, place by place; and both ways out where somebody else has saved meanwhile. */
import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { RequestProblem } from '../kit/request/request.js';

interface SaveProblemProps {
  readonly error: Error;
  readonly saveCopy: () => void;
  readonly loadTheirs: () => void;
}
/** Places told at most; the rest comes once these are put right. */
const most = 6;

export function SaveProblem({ error, saveCopy, loadTheirs }: SaveProblemProps) {
  const fields = error instanceof RequestProblem ? error.fields : [];
  const overtaken = error instanceof RequestProblem && error.status === 409;
  return (
    <Notice
      tone="stop"
      action={
        overtaken && (
          <Box display="flex" gap="2" flexWrap="wrap">
            <Button size="small" onClick={saveCopy}>
              Save mine as a copy
            </Button>
            <Button size="small" onClick={loadTheirs}>
              Load theirs
            </Button>
          </Box>
        )
      }
    >
      {error.message}
      {fields.length > 1 && (
        <chakra.ul pl="4" listStyleType="disc" fontSize="sm">
          {fields.slice(1, most).map((f) => (
            <li key={f.field + f.detail}>
              <b>{f.field}:</b> {f.detail}
            </li>
          ))}
        </chakra.ul>
      )}
    </Notice>
  );
}
