/** The bar above a page that nobody signs in for: what it is, and the way back. */
import { chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';

export function PlainHead({
  title,
  to,
  back,
}: {
  readonly title: string;
  readonly to: string;
  readonly back: string;
}) {
  return (
    <chakra.header
      data-noprint
      bg="bar"
      color="bar.ink"
      display="flex"
      alignItems="center"
      gap="2"
      px={{ base: '2', md: '4' }}
      py="1.5"
    >
      <img src="/kivex.svg" width={26} height={26} alt="" />
      <chakra.h1 fontSize="lg" fontWeight="700" flex="1">
        {title}
      </chakra.h1>
      <Button variant="bar" asChild>
        <Link to={to}>{back}</Link>
      </Button>
    </chakra.header>
  );
}
