// Libraries of many small modules that tests of pages stand on, by the file of one piece that takes their place.
import { join } from 'node:path';
import { root } from '../built.mjs';

/** What tsc built of the pages. */
export const pagesFolder = join(root, 'packages/web/build');
export const bundledFolder = join(pagesFolder, 'bundled');
export const bundled = {
  '@chakra-ui/react': 'chakra',
  '@chakra-ui/react/anatomy': 'chakra-anatomy',
  '@emotion/react': 'emotion',
  'lucide-react': 'icons',
  'react-router': 'router',
  'react-hook-form': 'forms',
  '@tanstack/react-query': 'query',
  '@testing-library/react': 'drawing',
  '@testing-library/user-event': 'hands',
};
