/** The syllabuses: those that ship, to look at and copy, and the school's own, to edit. */
import { Box, chakra } from '@chakra-ui/react';
import { allSyllabuses, type Syllabus } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Archive, ArchiveRestore, Copy } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { useSyllabuses } from '../practicals/practical-queries.js';
import { SchoolRules } from './SchoolRules.js';

export default function SyllabusesPage() {
  const me = useMe();
  const own = useSyllabuses();
  const go = useNavigate();
  const cache = useQueryClient();
  const copy = useMutation({
    mutationFn: (document: Syllabus) =>
      call('POST /api/syllabuses', {
        body: {
          document: { ...document, id: 'own', name: `${document.name}, ours`.slice(0, 120) },
          shared: true,
        },
      }),
    onSuccess: async ({ id }) => {
      await cache.invalidateQueries({ queryKey: ['syllabuses'] });
      await go(`/syllabuses/${id}`);
    },
  });
  const set = useMutation({
    mutationFn: ({ id, archived }: { id: string; archived: boolean }) =>
      call('PATCH /api/syllabuses/:syllabus', { syllabus: id, body: { archived } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['syllabuses'] }),
  });
  if (own.isPending) return <Loading what="the syllabuses" />;
  if (isLacking(own)) return <Failed error={own.error} again={() => void own.refetch()} />;
  const failed = copy.error ?? set.error;
  return (
    <Box display="grid" gap="4">
      <chakra.h1 fontSize="xl">Syllabuses</chakra.h1>
      {failed && <Notice tone="stop">{failed.message}</Notice>}
      <Box>
        <chakra.h2 fontSize="lg" mb="2">
          Yours
        </chakra.h2>
        {!own.data.length && (
          <Notice>
            None yet. Copy one that ships and change what your school does otherwise: the words that earn, how
            strict, which tests.
          </Notice>
        )}
        <Box display="grid" gap="3" gridTemplateColumns="repeat(auto-fill, minmax(20rem, 1fr))">
          {own.data.map((s) => (
            <Tile key={s.id} p="4" display="flex" alignItems="center" gap="2">
              <Box flex="1" minW="0">
                <chakra.a asChild color="ink" fontWeight="700">
                  <Link to={`/syllabuses/${s.id}`}>{s.name}</Link>
                </chakra.a>
                <chakra.div fontSize="sm" color="ink.soft">
                  ages {s.ages}, version {s.version}
                  {s.archived && ', in the archive'}
                </chakra.div>
              </Box>
              <Button
                size="small"
                aria-label={s.archived ? `Bring ${s.name} back` : `Archive ${s.name}`}
                onClick={() => set.mutate({ id: s.id, archived: !s.archived })}
              >
                {s.archived ? <ArchiveRestore size={16} aria-hidden /> : <Archive size={16} aria-hidden />}
              </Button>
            </Tile>
          ))}
        </Box>
      </Box>
      <Box>
        <chakra.h2 fontSize="lg" mb="2">
          With Kivex
        </chakra.h2>
        <Box display="grid" gap="3" gridTemplateColumns="repeat(auto-fill, minmax(min(20rem, 100%), 1fr))">
          {allSyllabuses.map((s) => (
            <Tile key={s.id} p="4" display="flex" alignItems="center" gap="2">
              <Box flex="1" minW="0">
                <b>{s.name}</b>
                <chakra.div fontSize="sm" color="ink.soft">
                  ages {s.ages}: {s.cations.length} cations, {s.anions.length} anions, {s.gases.length} gases,{' '}
                  {s.tests.length} tests
                </chakra.div>
              </Box>
              <Button disabled={copy.isPending} onClick={() => copy.mutate(s)}>
                <Copy size={16} aria-hidden /> Copy and edit
              </Button>
            </Tile>
          ))}
        </Box>
      </Box>
      {me.data && me.data.role !== 'technician' && (
        <SchoolRules names={new Map(own.data.map((s) => [s.id, s.name]))} />
      )}
    </Box>
  );
}
