/** Adds names to a class: pasted or from a file, looked over line by line before anything is taken in. */
import { Box, chakra } from '@chakra-ui/react';
import type { RosterPreview } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { FileButton } from '../kit/FileButton.js';
import { Notice } from '../kit/Notice.js';
import { Textarea } from '../kit/Input.js';
import { call } from '../kit/request/call.js';
import { sendFile } from '../kit/request/send-file.js';
import { Tile } from '../kit/Tile.js';

const pause = 300;

export function RosterImport({ classId }: { readonly classId: string }) {
  const cache = useQueryClient();
  const [text, setText] = useState('');
  const [preview, setPreview] = useState<RosterPreview>();
  const [problem, setProblem] = useState<string>();
  const [said, setSaid] = useState<string>();

  useEffect(() => {
    if (!text.trim()) return setPreview(undefined);
    const timer = setTimeout(() => {
      call('POST /api/classes/:class/roster/preview', { class: classId, body: { text } }).then(
        (read) => {
          setPreview(read);
          setProblem(undefined);
        },
        (error: Error) => setProblem(error.message),
      );
    }, pause);
    return () => clearTimeout(timer);
  }, [text, classId]);

  const wrong = preview?.rows.filter((row) => row.problem) ?? [];
  const good = preview?.rows.filter((row) => !row.problem) ?? [];
  const add = async () => {
    try {
      await call('POST /api/classes/:class/roster', {
        class: classId,
        body: {
          text: wrong.length
            ? `Name\n${good.map((row) => `"${row.name.replaceAll('"', '""')}"`).join('\n')}`
            : text,
        },
      });
      await cache.invalidateQueries({ queryKey: ['class', classId] });
      await cache.invalidateQueries({ queryKey: ['classes'] });
      setSaid(`${good.length} added. Make PIN cards for them next.`);
      // What could not be taken stays, to be put right.
      setText(wrong.map((row) => row.name).join('\n'));
      setProblem(undefined);
    } catch (error) {
      setProblem((error as Error).message);
    }
  };

  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">Add students</chakra.h2>
      <Field label="Paste one name a line, or a table with a heading “Name” or “First name” and “Surname”.">
        <Textarea
          rows={8}
          value={text}
          onChange={(e) => {
            setText(e.target.value);
            setSaid(undefined);
          }}
        />
      </Field>
      <FileButton
        endings={['.csv', '.txt', '.xlsx', '.ods']}
        onFile={(file) => {
          setProblem(undefined);
          void sendFile('POST /api/classes/:class/roster/file', { class: classId }, file).then(
            (read) => setText(read.text),
            (error: Error) => setProblem(error.message),
          );
        }}
      >
        or choose a sheet (CSV, XLSX or ODS)
      </FileButton>
      {problem && <Notice tone="stop">{problem}</Notice>}
      {said && <Notice tone="go">{said}</Notice>}
      {preview?.problem && <Notice tone="look">{preview.problem}</Notice>}
      {preview && preview.rows.length > 0 && (
        <Box maxH="16rem" overflowY="auto" tabIndex={0} aria-label="Names read" role="region">
          {preview.rows.map((row) => (
            <Box key={row.line} display="flex" gap="3" py="1" borderTop="1px solid" borderColor="slate.200">
              <chakra.span fontFamily="mono" color="ink.soft" minW="2rem">
                {row.line}
              </chakra.span>
              <span>{row.name || '(empty)'}</span>
              {row.problem && (
                <chakra.span color="cinnabar" fontWeight="600">
                  {row.problem}
                </chakra.span>
              )}
            </Box>
          ))}
        </Box>
      )}
      <Button variant="go" disabled={!good.length} onClick={() => void add()}>
        {good.length ? `Add ${good.length} ${good.length === 1 ? 'student' : 'students'}` : 'Add students'}
      </Button>
      {wrong.length > 0 && (
        <chakra.p color="saffron">
          {wrong.length === 1
            ? 'One line cannot be taken as it is; it stays here to be put right.'
            : `${wrong.length} lines cannot be taken as they are; they stay here to be put right.`}
        </chakra.p>
      )}
    </Tile>
  );
}
