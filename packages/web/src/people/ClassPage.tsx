/** One class: its roster, adding names by paste or from a sheet, the list as a sheet, PIN cards to print. */
import { Box, chakra } from '@chakra-ui/react';
import type { PinCard } from '@kivex/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileDown, KeyRound, Printer } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileLink } from '../kit/FileLink.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { address, call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { PinCards } from './PinCards.js';
import { useMe } from '../kit/shell/Shell.js';
import { Rights } from './Rights.js';
import { RosterTable } from './RosterTable.js';
import { RosterImport } from './RosterImport.js';

export default function ClassPage() {
  const { id = '' } = useParams();
  const cache = useQueryClient();
  const me = useMe();
  const roster = useQuery({
    queryKey: ['class', id],
    queryFn: () => call('GET /api/classes/:class', { class: id }),
  });
  const [cards, setCards] = useState<readonly PinCard[]>([]);
  const [problem, setProblem] = useState<string>();
  const [left, setLeft] = useState<string>();
  if (roster.isPending) return <Loading what="the class" />;
  if (isLacking(roster)) return <Failed error={roster.error} again={() => void roster.refetch()} />;

  const attempt = async (work: () => Promise<void>) => {
    setProblem(undefined);
    try {
      await work();
      await cache.invalidateQueries({ queryKey: ['class', id] });
      await cache.invalidateQueries({ queryKey: ['classes'] });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const makePins = (students: readonly string[]) =>
    attempt(async () =>
      setCards(await call('POST /api/classes/:class/pins', { class: id, body: { students } })),
    );
  const takeOut = (student: { id: string; name: string }) =>
    attempt(async () => {
      await call('DELETE /api/students/:student', { student: student.id });
      setLeft(student.name);
    });
  const unlock = (student: string) => attempt(() => call('POST /api/students/:student/unlock', { student }));
  const putBack = (name: string) =>
    attempt(async () => {
      await call('POST /api/classes/:class/roster', {
        class: id,
        body: { text: `Name\n"${name.replaceAll('"', '""')}"` },
      });
      setLeft(undefined);
    });
  const { students, name } = roster.data;
  const without = students.filter((s) => !s.hasPin);

  if (cards.length) return <PinCards cards={cards} className={name} done={() => setCards([])} />;
  return (
    <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', lg: '3fr 2fr' }} alignItems="start">
      <Tile>
        <Box display="flex" justifyContent="space-between" alignItems="center" gap="3" flexWrap="wrap" mb="2">
          <chakra.h1 fontSize="xl">
            <Link to="/classes">Classes</Link> / {name}
          </chakra.h1>
          {students.length > 0 && (
            <Box display="flex" gap="2" flexWrap="wrap">
              {without.length > 0 && without.length < students.length && (
                <Button variant="go" onClick={() => void makePins(without.map((s) => s.id))}>
                  <KeyRound size={18} aria-hidden /> PINs for the {without.length} without
                </Button>
              )}
              {(['csv', 'xlsx', 'ods'] as const).map((kind) => (
                <FileLink
                  key={kind}
                  size="small"
                  href={address('GET /api/classes/:class/roster/sheet/:kind', { class: id, kind })}
                  title={`The class list as ${kind.toUpperCase()}`}
                >
                  <FileDown size={14} aria-hidden /> {kind.toUpperCase()}
                </FileLink>
              ))}
              <Button
                variant={without.length === students.length ? 'go' : 'plain'}
                onClick={() => void makePins(students.map((s) => s.id))}
              >
                <Printer size={18} aria-hidden />{' '}
                {without.length === students.length ? 'Make PIN cards' : 'New PIN cards for all'}
              </Button>
            </Box>
          )}
        </Box>
        {problem && <Notice tone="stop">{problem}</Notice>}
        {left && (
          <Notice
            action={
              <Button size="small" onClick={() => void putBack(left)}>
                Undo
              </Button>
            }
          >
            {left} is out of the class. Earlier records and marks are kept.
          </Notice>
        )}
        {!students.length ? (
          <Empty title="Nobody here yet">Paste the list of names beside this, or choose a sheet.</Empty>
        ) : (
          <RosterTable
            students={students}
            unlock={(student) => void unlock(student)}
            newPin={(student) => void makePins([student])}
            takeOut={(student) => void takeOut(student)}
          />
        )}
      </Tile>
      <Box display="grid" gap="4">
        <RosterImport classId={id} />
        <Rights roster={roster.data} head={me.data?.role === 'head'} />
      </Box>
    </Box>
  );
}
