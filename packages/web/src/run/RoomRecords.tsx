/** What the lesson has beside its log: incidents, and samples kept of it; each listed, and taken out as a file. */
import { Box, chakra } from '@chakra-ui/react';
import type { Incident, KeptSample, Lesson } from '@kivex/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileLink } from '../kit/FileLink.js';
import { Fold } from '../kit/Fold.js';
import { clock, day } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { address, call } from '../kit/request/call.js';
import { ChangeIncident } from './ChangeIncident.js';
import { incidentWords } from './incident-words.js';

export const RoomRecords = memo(function RoomRecords({
  lesson,
  groups,
}: {
  readonly lesson: string;
  readonly groups: Lesson['groupList'];
}) {
  const [changing, setChanging] = useState<Incident>();
  const cache = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const incidents = useQuery({
    queryKey: ['incidents', lesson],
    queryFn: () => call('GET /api/lessons/:lesson/incidents', { lesson }),
  });
  const kept = useQuery({
    queryKey: ['kept', lesson],
    queryFn: () => call('GET /api/lessons/:lesson/kept', { lesson }),
  });
  const setGone = (one: KeptSample) =>
    call('PUT /api/kept/:kept/gone', { kept: one.id, body: { gone: one.goneAt === null } }).then(
      () => cache.invalidateQueries({ queryKey: ['kept', lesson] }),
      (error: Error) => setProblem(error.message),
    );
  const failed = incidents.error ?? kept.error;
  return (
    <>
      {(problem ?? failed) && <Notice tone="stop">{problem ?? failed?.message}</Notice>}
      {incidents.data && incidents.data.length > 0 && (
        <Fold title={`Incidents (${incidents.data.length})`}>
          <chakra.ul display="flex" flexDirection="column" gap="2" my="2">
            {incidents.data.map((i) => (
              <li key={i.id}>
                <b>
                  {clock(i.at)} {incidentWords[i.kind]}
                  {i.nearMiss ? ', near miss' : ''}
                </b>
                {[i.group?.name, i.student?.name].filter(Boolean).map((w) => `, ${w}`)}
                {i.what && `: ${i.what}`}
                {i.done && <chakra.span color="ink.soft"> Done: {i.done}</chakra.span>}{' '}
                <Button
                  size="small"
                  variant="quiet"
                  aria-label={`Change: ${incidentWords[i.kind]}, ${clock(i.at)}`}
                  onClick={() => setChanging(i)}
                >
                  Change
                </Button>
              </li>
            ))}
          </chakra.ul>
          {changing && (
            <ChangeIncident
              key={changing.id}
              lesson={{ id: lesson, groupList: groups }}
              incident={changing}
              close={() => setChanging(undefined)}
            />
          )}
          <FileLink size="small" href={address('GET /api/lessons/:lesson/incidents/csv', { lesson })}>
            As a sheet (CSV)
          </FileLink>
        </Fold>
      )}
      {kept.data && kept.data.length > 0 && (
        <Fold title={`Kept samples (${kept.data.filter((k) => !k.goneAt).length})`}>
          <chakra.ul display="flex" flexDirection="column" gap="2" my="2">
            {kept.data.map((k) => (
              <chakra.li key={k.id} display="flex" gap="2" alignItems="center" flexWrap="wrap">
                <Box flex="1" minW="9rem" textDecoration={k.goneAt ? 'line-through' : undefined}>
                  <chakra.b fontFamily="mono">{k.code}</chakra.b> {k.sample}, {k.group}: {k.place}, until{' '}
                  {day(k.expiresAt)}
                </Box>
                <Button
                  size="small"
                  aria-label={`${k.goneAt ? 'Still there' : 'Gone'}: ${k.code}`}
                  onClick={() => void setGone(k)}
                >
                  {k.goneAt ? 'Still there' : 'Gone'}
                </Button>
              </chakra.li>
            ))}
          </chakra.ul>
          {kept.data.some((k) => !k.goneAt) && (
            <FileLink size="small" href={address('GET /api/lessons/:lesson/kept/labels.pdf', { lesson })}>
              Print their labels (PDF)
            </FileLink>
          )}{' '}
          <Link to="/kept">Find one by its code</Link>
        </Fold>
      )}
    </>
  );
});
