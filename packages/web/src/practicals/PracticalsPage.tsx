/** All practicals of the school: to open, copy, share, archive; new ones from scratch or from a file. */
import { Box, chakra } from '@chakra-ui/react';
import type { PracticalHead } from '@kivex/contract';
import { emptyPractical, syllabusOf, type Practical } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Archive, ArchiveRestore, CalendarPlus, Copy, FilePlus, Lock, Users } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileButton } from '../kit/FileButton.js';
import { Input } from '../kit/Input.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { request, RequestProblem } from '../kit/request/request.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { addPractical, ships, usePracticals } from './practical-queries.js';

const syllabusName = (id: string): string => (ships(id) ? syllabusOf(id).name : id);
const largestFile = 500_000;

export default function PracticalsPage() {
  const practicals = usePracticals();
  const me = useMe();
  const go = useNavigate();
  const cache = useQueryClient();
  const [find, setFind] = useState('');
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
      request('PATCH', `/api/practicals/${id}`, wanted),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['practicals'] }),
    onError: (error: Error) => setProblem(error.message),
  });
  const copy = async ({ id, title }: PracticalHead) => {
    const { document } = await request<{ document: Practical }>('GET', `/api/practicals/${id}`);
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
  if (practicals.error) return <Failed error={practicals.error} again={() => void practicals.refetch()} />;
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = practicals.data.filter(
    (p) =>
      p.archived === archived &&
      words.every((w) => `${p.title} ${p.summary} ${syllabusName(p.syllabus)}`.toLowerCase().includes(w)),
  );
  const put = practicals.data.filter((p) => p.archived).length;
  return (
    <>
      <Box display="flex" gap="2" flexWrap="wrap" alignItems="center" mb="4">
        <chakra.h1 fontSize="xl">Practicals</chakra.h1>
        <Box flex="1" />
        <Box width="16rem">
          <Input
            aria-label="Find a practical"
            placeholder="Find"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </Box>
        {put > 0 && (
          <Button onClick={() => setArchived(!archived)}>
            {archived ? 'Show those in use' : `Archive (${put})`}
          </Button>
        )}
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
      {!shown.length && (
        <Tile>
          <Empty
            title={
              words.length
                ? 'Nothing is called that'
                : archived
                  ? 'The archive is empty'
                  : 'No practicals yet'
            }
          >
            {words.length ? 'Try another word.' : 'Make one, or bring one in from a file.'}
          </Empty>
        </Tile>
      )}
      <Box display="grid" gap="3" gridTemplateColumns="repeat(auto-fill, minmax(21rem, 1fr))">
        {shown.map((p) => (
          <Tile key={p.id} display="flex" flexDirection="column" gap="2" p="4">
            <chakra.h2 fontSize="lg">
              <chakra.a asChild color="ink" textDecoration="none" _hover={{ textDecoration: 'underline' }}>
                <Link to={`/practicals/${p.id}`}>{p.title}</Link>
              </chakra.a>
            </chakra.h2>
            <chakra.p color="ink.soft" fontSize="sm">
              {p.summary}
            </chakra.p>
            <chakra.p fontSize="sm">
              {syllabusName(p.syllabus)} · {p.tests} {p.tests === 1 ? 'test' : 'tests'} · {p.knowns} labelled,{' '}
              {p.unknowns} unknown · {p.minutes} min
            </chakra.p>
            <Box flex="1" />
            <Box display="flex" gap="1.5" alignItems="center" flexWrap="wrap">
              <chakra.span fontSize="sm" color="ink.soft" display="inline-flex" alignItems="center" gap="1">
                {p.shared ? <Users size={16} aria-hidden /> : <Lock size={16} aria-hidden />}
                {p.shared ? (p.owner ? `${p.owner}, shared` : 'the school’s') : 'only you'}, version{' '}
                {p.version}
              </chakra.span>
              <Box flex="1" />
              {teaching && (
                <>
                  {!p.archived && (
                    <Button asChild size="small">
                      <Link to={`/lessons/new?practical=${p.id}`} title="Make a lesson of it">
                        <CalendarPlus size={16} aria-hidden /> Lesson
                      </Link>
                    </Button>
                  )}
                  <Button
                    size="small"
                    onClick={() => void copy(p)}
                    title="Copy it"
                    aria-label={`Copy ${p.title}`}
                  >
                    <Copy size={16} aria-hidden />
                  </Button>
                  {p.mine && (
                    <Button
                      size="small"
                      aria-label={p.shared ? `Keep ${p.title} to yourself` : `Share ${p.title}`}
                      title={p.shared ? 'Keep it to yourself' : 'Share it with the school'}
                      onClick={() => set.mutate({ id: p.id, shared: !p.shared })}
                    >
                      {p.shared ? <Lock size={16} aria-hidden /> : <Users size={16} aria-hidden />}
                    </Button>
                  )}
                  <Button
                    size="small"
                    title={p.archived ? 'Bring it back' : 'Put it into the archive'}
                    aria-label={p.archived ? `Bring ${p.title} back` : `Archive ${p.title}`}
                    onClick={() => set.mutate({ id: p.id, archived: !p.archived })}
                  >
                    {p.archived ? (
                      <ArchiveRestore size={16} aria-hidden />
                    ) : (
                      <Archive size={16} aria-hidden />
                    )}
                  </Button>
                </>
              )}
            </Box>
          </Tile>
        ))}
      </Box>
    </>
  );
}
