/** Labels: chosen, printed on A4 as PDF, or sent to the (simulated) label printer, which shows what it would print. */
import { Box, chakra } from '@chakra-ui/react';
import {
  pictogramNames,
  pictogramSvg,
  SimulatedLabelPrinter,
  type Pictogram,
  type PrintedLabel,
} from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { FileDown, Printer } from 'lucide-react';
import QRCode from 'qrcode';
import { useEffect, useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Checkbox } from '../kit/Checkbox.js';
import { Field } from '../kit/Field.js';
import { FileLink } from '../kit/FileLink.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { NumberInput } from '../kit/NumberInput.js';
import { address, call } from '../kit/request/call.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { toggled } from '../kit/Choices.js';

const roll = new SimulatedLabelPrinter();

/** A pictogram as a picture with its name. */
export function PictogramPicture({
  pictogram,
  size = 40,
}: {
  readonly pictogram: Pictogram;
  readonly size?: number;
}) {
  const { code, name } = pictogramNames[pictogram];
  return (
    <img
      src={`data:image/svg+xml;utf8,${encodeURIComponent(pictogramSvg(pictogram, size))}`}
      width={size}
      height={size}
      alt={`${name} (${code})`}
      title={`${name} (${code})`}
    />
  );
}

function Code({ path }: { readonly path: string }) {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    let live = true;
    void QRCode.toDataURL(location.origin + path, { margin: 0, width: 128 }).then(
      (made) => live && setUrl(made),
    );
    return () => {
      live = false;
    };
  }, [path]);
  return url ? <img src={url} width={56} height={56} alt="QR code" /> : null;
}

export function LabelsPart({ lessonId }: { readonly lessonId: string }) {
  const labels = useQuery({
    queryKey: ['labels', lessonId],
    queryFn: () => call('GET /api/lessons/:lesson/preparation/labels', { lesson: lessonId }),
  });
  const [only, setOnly] = useState<readonly string[]>([]);
  const [skip, setSkip] = useState(0);
  const [printed, setPrinted] = useState<readonly PrintedLabel[]>([]);
  const [problem, setProblem] = useState<string>();
  const chosen = useMemo(
    () => (labels.data ?? []).filter((l) => !only.length || only.includes(l.key)),
    [labels.data, only],
  );
  if (labels.isPending) return <Loading what="the labels" />;
  if (isLacking(labels)) return <Failed error={labels.error} again={() => void labels.refetch()} />;
  const sheet = address(
    'GET /api/lessons/:lesson/preparation/labels.pdf',
    { lesson: lessonId },
    { only, ...(skip ? { skip } : {}) },
  );
  const print = () => {
    setProblem(undefined);
    try {
      setPrinted(chosen.flatMap((label) => roll.print(label)));
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <>
      <Tile display="grid" gap="3">
        <Box display="flex" gap="3" flexWrap="wrap" alignItems="end">
          <chakra.h2 fontSize="lg">Labels</chakra.h2>
          <span>
            {chosen.reduce((n, l) => n + l.copies, 0)} of {labels.data.reduce((n, l) => n + l.copies, 0)}{' '}
            chosen
          </span>
          <Box flex="1" />
          <Field size="small" label="Used up on the first sheet" width="5rem">
            <NumberInput value={skip} max={13} onValue={(n) => setSkip(n ?? 0)} />
          </Field>
          <FileLink variant="go" href={sheet}>
            <FileDown size={18} aria-hidden /> A4 sheet (PDF)
          </FileLink>
          <FileLink href={address('GET /api/reference-card.pdf', {})}>
            <FileDown size={18} aria-hidden /> Flame cards
          </FileLink>
          <Button onClick={print}>
            <Printer size={18} aria-hidden /> Label printer
          </Button>
        </Box>
        {problem && (
          <Notice
            tone="look"
            action={
              <Button
                onClick={() => {
                  roll.loadRoll();
                  setProblem(undefined);
                }}
              >
                Put in a new roll
              </Button>
            }
          >
            {problem}
          </Notice>
        )}
        <Table label="Labels" heads={['', 'Label', 'Hazards', 'Copies']}>
          {labels.data.map((label) => (
            <Row key={label.key}>
              <Cell>
                <Checkbox
                  aria-label={`Print ${label.title}`}
                  checked={only.includes(label.key) || !only.length}
                  onChange={() =>
                    setOnly(
                      only.length
                        ? toggled(only, label.key)
                        : labels.data.map((l) => l.key).filter((key) => key !== label.key),
                    )
                  }
                />
              </Cell>
              <Cell>
                <chakra.b fontFamily={label.secret ? 'mono' : undefined}>{label.title}</chakra.b>{' '}
                <chakra.span color="ink.soft">{label.line}</chakra.span>
                {label.mind && (
                  <chakra.span display="block" fontSize="sm" fontWeight="600">
                    {label.mind}
                  </chakra.span>
                )}
              </Cell>
              <Cell>
                <Box display="flex" gap="1" alignItems="center" fontSize="sm">
                  {label.pictograms.map((p) => (
                    <PictogramPicture key={p} pictogram={p} size={30} />
                  ))}
                  {label.signal} {label.statements.map((s) => s.split(' ')[0]).join(' ')}
                </Box>
              </Cell>
              <Cell>{label.copies}</Cell>
            </Row>
          ))}
        </Table>
        <chakra.p fontSize="sm" color="ink.soft">
          Labels of unknowns bear the code and the hazards of all unknowns together, so that none tells one
          jar from another.
        </chakra.p>
      </Tile>
      {printed.length > 0 && (
        <Tile display="grid" gap="3">
          <chakra.h2 fontSize="lg">
            What the label printer would print: {printed.length} labels, {roll.labelsLeft} left on the roll
          </chakra.h2>
          <Box
            display="flex"
            flexWrap="wrap"
            gap="2"
            maxH="30rem"
            overflowY="auto"
            tabIndex={0}
            role="region"
            aria-label="Printed labels"
          >
            {printed.map((label, i) => (
              <Box
                key={i}
                width="17rem"
                minH="6rem"
                bg="#ffffff"
                color="#16233a"
                borderWidth="1px"
                borderStyle="solid"
                borderColor="slate.300"
                borderRadius="6px"
                p="2"
                display="flex"
                gap="2"
              >
                <Box flex="1" minW="0">
                  <chakra.div fontWeight="700" lineHeight="1.15">
                    {label.title}
                  </chakra.div>
                  {label.lines.map((line) => (
                    <chakra.div key={line} fontSize="xs" lineHeight="1.2">
                      {line}
                    </chakra.div>
                  ))}
                  <Box display="flex" gap="1" mt="1">
                    {label.pictograms.map((p) => (
                      <PictogramPicture key={p} pictogram={p} size={26} />
                    ))}
                  </Box>
                </Box>
                <Code path={label.path} />
              </Box>
            ))}
          </Box>
        </Tile>
      )}
    </>
  );
}
