/** Classes and results out to other programs, and rosters in; where results differ, it is said, and nothing is changed by it. */
import { Box, chakra } from '@chakra-ui/react';
import type { ExchangePreview } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileButton } from '../kit/FileButton.js';
import { FileLink } from '../kit/FileLink.js';
import { Notice } from '../kit/Notice.js';
import { address } from '../kit/request/call.js';
import { sendFile } from '../kit/request/send-file.js';
import { Tile } from '../kit/Tile.js';

/** Names and lines told one by one; the rest are a number. */
const told = 8;
const few = (list: readonly string[]): string =>
  list.length > told ? `${list.slice(0, told).join(', ')} and ${list.length - told} more` : list.join(', ');

export function Exchange() {
  const cache = useQueryClient();
  const [file, setFile] = useState<File>();
  const [preview, setPreview] = useState<ExchangePreview>();
  const [problem, setProblem] = useState<string>();
  const [said, setSaid] = useState<string>();
  const attempt = async (work: () => Promise<void>) => {
    setProblem(undefined);
    setSaid(undefined);
    try {
      await work();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const look = (chosen: File) =>
    attempt(async () => {
      setPreview(undefined);
      setFile(chosen);
      setPreview(await sendFile('POST /api/exchange/preview', {}, chosen));
    });
  const take = () =>
    attempt(async () => {
      const { classes, students } = await sendFile('POST /api/exchange', {}, file!);
      setSaid(
        `${classes} new ${classes === 1 ? 'class' : 'classes'} and ${students} new students are here now.`,
      );
      setPreview(undefined);
      await cache.invalidateQueries({ queryKey: ['classes'] });
    });
  const brings = preview?.classes.some((c) => !c.here || c.fresh.length) ?? false;
  return (
    <Tile display="grid" gap="2">
      <chakra.h2 fontSize="lg">With other programs</chakra.h2>
      <chakra.p fontSize="sm" color="ink.soft">
        One archive of plain tables: people, classes, who is in which, lessons and the marks that were given
        out.
      </chakra.p>
      <Box display="flex" gap="2" flexWrap="wrap">
        <FileLink size="small" href={address('GET /api/exchange.zip', {})}>
          <FileDown size={14} aria-hidden /> Out, as one archive
        </FileLink>
        <FileButton size="small" endings={['.zip']} onFile={(chosen) => void look(chosen)}>
          In, from an archive
        </FileButton>
      </Box>
      {problem && <Notice tone="stop">{problem}</Notice>}
      {said && <Notice tone="go">{said}</Notice>}
      {preview?.problems.length ? (
        <Notice tone="look">
          {few(preview.problems.map((p) => `${p.file}${p.line ? `, line ${p.line}` : ''}: ${p.text}`))}
        </Notice>
      ) : null}
      {preview?.classes.map(({ name, here, fresh, missing }) => (
        <Box key={name} fontSize="sm">
          <b>{name}</b>
          {here ? '' : ', a new class'}: {fresh.length ? `brings ${few(fresh)}` : 'nobody new'}
          {missing.length > 0 && `; not in the archive, and staying: ${few(missing)}`}.
        </Box>
      ))}
      {preview?.differences.map(({ student, lesson, lessonId, ours, theirs }) => (
        <Notice key={`${student} ${lessonId}`} tone="look">
          {student}, <Link to={`/lessons/${lessonId}/mark`}>{lesson}</Link>: {theirs} in the archive, {ours}{' '}
          as given out. Where theirs is right, decide the mark anew at the desk.
        </Notice>
      ))}
      {preview && !brings && !preview.differences.length && !preview.problems.length && (
        <p>All of it is here already.</p>
      )}
      {brings && (
        <Box>
          <Button variant="go" onClick={() => void take()}>
            Take them in
          </Button>
        </Box>
      )}
    </Tile>
  );
}
