/** Finds a sample that was kept, by the code written on it; where the QR code of its label leads, too. */
import { Box, chakra } from '@chakra-ui/react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { day } from '../kit/moments.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { useNow } from '../kit/use-now.js';

export default function KeptPage() {
  const { code = '' } = useParams();
  const go = useNavigate();
  const [typed, setTyped] = useState(code);
  const find = (event: FormEvent) => {
    event.preventDefault();
    if (typed.trim()) void go(`/kept/${encodeURIComponent(typed.trim().toUpperCase())}`);
  };
  return (
    <Box maxW="36rem" mx="auto" p="4" display="flex" flexDirection="column" gap="4">
      <chakra.h1 fontSize="xl">Kept samples</chakra.h1>
      <Tile p="4">
        <Form onSubmit={find} display="flex" gap="3" alignItems="end">
          <Field label="The code on it" help="Four letters and digits.">
            <Input
              value={typed}
              maxLength={8}
              autoComplete="off"
              autoCapitalize="characters"
              fontFamily="mono"
              fontSize="xl"
              letterSpacing="0.2em"
              onChange={(e) => setTyped(e.target.value)}
            />
          </Field>
          <Button type="submit" variant="go">
            Find it
          </Button>
        </Form>
      </Tile>
      {code && <Kept key={code} code={code} />}
    </Box>
  );
}

function Kept({ code }: { readonly code: string }) {
  const cache = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const now = useNow(60_000);
  const found = useQuery({
    queryKey: ['kept-code', code],
    queryFn: () => call('GET /api/kept/:code', { code }),
    retry: false,
  });
  if (found.isPending) return <Loading what="the sample" />;
  if (isLacking(found)) return <Failed error={found.error} again={() => void found.refetch()} />;
  const kept = found.data;
  const late = !kept.goneAt && Date.parse(kept.expiresAt) < now;
  return (
    <Tile p="4" display="flex" flexDirection="column" gap="2">
      <chakra.h2 fontSize="lg">
        <chakra.span fontFamily="mono">{kept.code}</chakra.span> · {kept.sample}, {kept.group}
      </chakra.h2>
      <div>{kept.lesson}</div>
      <div>
        <b>{kept.place}</b>, kept {day(kept.keptAt)}, until {day(kept.expiresAt)}
      </div>
      {kept.note && <chakra.div color="ink.soft">{kept.note}</chakra.div>}
      {kept.goneAt && <Notice>It is gone since {day(kept.goneAt)}.</Notice>}
      {late && (
        <Notice tone="look">It has stood longer than it was to: throw it away with the right waste.</Notice>
      )}
      {problem && <Notice tone="stop">{problem}</Notice>}
      <Button
        onClick={() =>
          void call('PUT /api/kept/:kept/gone', { kept: kept.id, body: { gone: kept.goneAt === null } }).then(
            (next) => cache.setQueryData(['kept-code', code], next),
            (error: Error) => setProblem(error.message),
          )
        }
      >
        {kept.goneAt ? 'It is still there' : 'It is used up or thrown away'}
      </Button>
    </Tile>
  );
}
