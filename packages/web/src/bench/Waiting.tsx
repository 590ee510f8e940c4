/** Before the lesson begins: who is here, and that it will start by itself. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { ScreenWork, useOwnScreenWork } from './ScreenWork.js';

export function Waiting({ bench, leave }: { readonly bench: Bench; readonly leave: () => void }) {
  const own = useOwnScreenWork(bench.me.id);
  return (
    <Box minH="100dvh" display="flex" alignItems="center" justifyContent="center" p="4">
      <Tile
        maxW="28rem"
        width="100%"
        textAlign="center"
        display="flex"
        flexDirection="column"
        alignItems="center"
        gap="3"
      >
        <Well look={{ kind: 'empty' }} size={96} />
        <chakra.h1 fontSize="xl">{bench.lesson.title}</chakra.h1>
        <chakra.p role="status">
          You are in, {bench.me.name}. This page opens by itself when your teacher begins the lesson.
        </chakra.p>
        <chakra.p color="ink.soft">
          {bench.group.name}, {bench.lesson.room}: {bench.group.students.map((s) => s.name).join(', ')}
        </chakra.p>
        <ScreenWork own={own} />
        <Button onClick={leave}>That is not me</Button>
      </Tile>
    </Box>
  );
}
