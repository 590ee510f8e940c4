/** The store as a sheet, out and in: what a sheet would bring is shown before anything is taken. */
import { Box, chakra } from '@chakra-ui/react';
import type { StockPreview } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { FileButton } from '../kit/FileButton.js';
import { SheetLinks } from '../kit/SheetLinks.js';
import { Notice } from '../kit/Notice.js';
import { address } from '../kit/request/call.js';
import { sendFile } from '../kit/request/send-file.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

export function StoreSheets() {
  const cache = useQueryClient();
  const [file, setFile] = useState<File>();
  const [preview, setPreview] = useState<StockPreview>();
  const [problem, setProblem] = useState<string>();
  const [said, setSaid] = useState<string>();
  const look = async (chosen: File) => {
    setSaid(undefined);
    setProblem(undefined);
    setPreview(undefined);
    setFile(chosen);
    try {
      setPreview(await sendFile('POST /api/store/sheet/preview', {}, chosen));
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const bringIn = async () => {
    if (!file) return;
    try {
      const { items, batches } = await sendFile('POST /api/store/sheet', {}, file);
      setSaid(
        `${items} new kinds of thing and ${batches} new batches entered; what was there already was left as it was.`,
      );
      setPreview(undefined);
      await cache.invalidateQueries({ queryKey: ['store'] });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const good = preview?.rows.filter((r) => !r.problem) ?? [];
  return (
    <Tile display="grid" gap="4">
      <Box>
        <chakra.h2 fontSize="lg" mb="1">
          Out
        </chakra.h2>
        <SheetLinks what="The store" at={(kind) => address('GET /api/store/sheet/:kind', { kind })} />
      </Box>
      <Box display="grid" gap="2">
        <chakra.h2 fontSize="lg">In</chakra.h2>
        <FileButton endings={['.csv', '.xlsx', '.ods']} onFile={(chosen) => void look(chosen)}>
          Choose a sheet (CSV, XLSX, ODS)
        </FileButton>
        {problem && <Notice tone="stop">{problem}</Notice>}
        {said && <Notice tone="go">{said}</Notice>}
        {preview?.problem && <Notice tone="look">{preview.problem}</Notice>}
        {preview && preview.rows.length > 0 && (
          <>
            <Box maxH="22rem" overflowY="auto">
              <Table label="Rows read" heads={['Line', 'What', 'Problem']}>
                {preview.rows.map((r) => (
                  <Row key={r.line}>
                    <Cell>{r.line}</Cell>
                    <Cell>{r.text}</Cell>
                    <Cell color="cinnabar" fontWeight="600">
                      {r.problem}
                    </Cell>
                  </Row>
                ))}
              </Table>
            </Box>
            <Button variant="go" width="fit-content" disabled={!good.length} onClick={() => void bringIn()}>
              Bring {good.length} {good.length === 1 ? 'row' : 'rows'} in
            </Button>
          </>
        )}
      </Box>
    </Tile>
  );
}
