import { expect, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { useMarksFollowLog } from './use-marks-follow-log.js';

const followed = (first: number | undefined) => {
  const cache = new QueryClient();
  cache.setQueryData(['marks', 'lesson'], {});
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={cache}>{children}</QueryClientProvider>
  );
  const { rerender } = renderHook(({ entries }) => useMarksFollowLog('lesson', entries), {
    wrapper,
    initialProps: { entries: first },
  });
  return {
    grows: (entries: number) => rerender({ entries }),
    areOld: () => cache.getQueryState(['marks', 'lesson'])!.isInvalidated,
  };
};

test('marks are asked anew when the log grows, not when it first comes with the page', () => {
  const marks = followed(undefined);
  marks.grows(12);
  expect(marks.areOld()).toBe(false);
  marks.grows(13);
  expect(marks.areOld()).toBe(true);
});
test('and by a page that finds the log there: it may have grown since', () =>
  expect(followed(12).areOld()).toBe(true));
