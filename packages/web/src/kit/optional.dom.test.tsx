import { expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { Suspense } from 'react';
import { show } from '../testing/show.js';
import { optional } from './optional.js';

const gone = () => Promise.reject(new Error('no network'));
const Words = ({ words }: { readonly words: string }) => <p>{words}</p>;

test('a part that cannot be fetched is done without; what stands beside it stays', async () => {
  const Missing = optional<{ words: string }>(gone);
  const Instead = optional(gone, Words);
  const There = optional(() => Promise.resolve(Words));
  show(
    <Suspense>
      <Missing words="never" />
      <Instead words="plain" />
      <There words="whole" />
    </Suspense>,
  );
  expect(await screen.findByText('whole')).toBeTruthy();
  expect(screen.getByText('plain')).toBeTruthy();
  expect(screen.queryByText('never')).toBeNull();
});
