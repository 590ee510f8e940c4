/** A page that could not be shown, and an address that is none. */
import { Box, chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Button } from '../Button.js';
import { useOnline } from './online.js';
import { whyNoPage } from './why-no-page.js';

export function PageError({ error }: { readonly error: unknown }) {
  const online = useOnline();
  return (
    <Box p="8" textAlign="center" role="alert">
      <chakra.h1 fontSize="xl" mb="2">
        This page could not be shown
      </chakra.h1>
      <chakra.p mb="4">{whyNoPage(error, online)}</chakra.p>
      <Button variant="go" onClick={() => location.reload()}>
        Load again
      </Button>
    </Box>
  );
}

export function NotFound() {
  return (
    <Box p="8" textAlign="center">
      <chakra.h1 fontSize="xl" mb="3">
        There is nothing at this address
      </chakra.h1>
      <Button asChild variant="go">
        <Link to="/">Go to the start</Link>
      </Button>
    </Box>
  );
}
