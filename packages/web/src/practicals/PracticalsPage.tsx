/** All practicals of the school: to open, copy, share, archive; new ones from scratch or from a file. */
import { Box, chakra } from '@chakra-ui/react';
import type { PracticalHead } from '@kivex/contract';
import { emptyPractical, syllabusOf } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { FilePlus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileButton } from '../kit/FileButton.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import { useMe } from '../kit/shell/Shell.js';
import { Switch } from '../kit/Switch.js';
import { Tile } from '../kit/Tile.js';
import { carried, carriedSample, ownSampleName } from './own-sample.js';
import { PracticalsTable } from './PracticalsTable.js';
import { addPractical, ships, usePracticals } from './practical-queries.js';

const syllabusName = (id: string): string => (ships(id) ? syllabusOf(id).name : id);
const largestFile = 500_000;

export default function PracticalsPage() {
  const practicals = usePracticals();
  const me = useMe();
  const go = useNavigate();
  const cache = useQueryClient();
  const [search] = useSearchParams();
  const own = carriedSample(search);
  const [archived, setArchived] = useState(false);
  const [problems, setProblems] = useState<readonly { field: string; detail: string }[]>([]);
  const [problem, setProblem] = useState<string>();
  const teaching = me.data?.role !== 'technician';

  const add = useMutation({
    mutationFn: async (document: object) => addPractical(document),
    onSuccess: async (id) => {
      await cache.invalidateQueries({ queryKey: ['practicals'] });
      await go(`/practicals/${id}`);
    },
    onError: (error: Error) => {
      setProblem(error.message);
      setProblems(error instanceof RequestProblem ? error.fields : []);
    },
  });
  const set = useMutation({
    mutationFn: ({ id, ...wanted }: { id: string; shared?: boolean; archived?: boolean }) =>
      call('PATCH /api/practicals/:practical', { practical: id, body: wanted }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['practicals'] }),
    onError: (error: Error) => setProblem(error.message),
  });
  const copy = async ({ id, title }: PracticalHead) => {
    const { document } = await call('GET /api/practicals/:practical', { practical: id });
    add.mutate({ ...document, title: `${title} (copy)`.slice(0, 120) });
  };
  const readFile = async (file: File) => {
    setProblem(undefined);
    setProblems([]);
    if (file.size > largestFile) return setProblem('This file is too large for a practical. Choose another.');
    try {
      add.mutate(JSON.parse(await file.text()) as object);
    } catch {
      setProblem('This file is not JSON. Choose a practical that was saved from Kivex (.json).');
    }
  };

  if (practicals.isPending) return <Loading what="the practicals" />;
  if (isLacking(practicals))
    return <Failed error={practicals.error} again={() => void practicals.refetch()} />;
  const shown = practicals.data.filter((p) => p.archived === archived);
  const put = practicals.data.filter((p) => p.archived).length;
  return (
    <>
      <Box display="flex" gap="2" flexWrap="wrap" alignItems="center" mb="4">
        <chakra.h1 fontSize="xl">Practicals</chakra.h1>
        <Box flex="1" />
        {teaching && (
          <>
            <FileButton endings={['.json']} onFile={(file) => void readFile(file)}>
              From a file
            </FileButton>
            <Button
              variant="go"
              disabled={add.isPending}
              onClick={() => add.mutate({ ...emptyPractical(), title: 'New practical' })}
            >
              <FilePlus size={18} aria-hidden /> New practical
            </Button>
          </>
        )}
      </Box>
      {own && (
        <Box mb="4">
          <Notice tone="tell">Open the practical that {ownSampleName(own)} is to go into.</Notice>
        </Box>
      )}
      {problem && (
        <Box mb="4">
          <Notice tone="stop">
            {problem}
            {problems.length > 1 && (
              <chakra.ul mt="2" pl="5" listStyleType="disc">
                {problems.map((p) => (
                  <li key={`${p.field} ${p.detail}`}>
                    <b>{p.field}:</b> {p.detail}
                  </li>
                ))}
              </chakra.ul>
            )}
          </Notice>
        </Box>
      )}
      <Tile p="3">
        {!shown.length ? (
          <Empty title={archived ? 'The archive is empty' : 'No practicals yet'}>
            Make one, or bring one in from a file.
          </Empty>
        ) : (
          <PracticalsTable
            practicals={shown}
            teaching={teaching}
            {...(own ? { carry: carried(own) } : {})}
            syllabusName={syllabusName}
            copy={(p) => void copy(p)}
            set={(id, wanted) => set.mutate({ id, ...wanted })}
            tools={
              put > 0 && (
                <Switch checked={archived} onChange={setArchived}>
                  The archive ({put})
                </Switch>
              )
            }
          />
        )}
      </Tile>
    </>
  );
}
