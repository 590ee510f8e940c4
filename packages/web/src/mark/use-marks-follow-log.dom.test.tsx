import { expect, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { useMarksFollowLog } from './use-marks-follow-log.js';

test('marks are asked anew when the log grows, not when it first comes', () => {
  const cache = new QueryClient();
  cache.setQueryData(['marks', 'lesson'], {});
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={cache}>{children}</QueryClientProvider>
  );
  const isOld = () => cache.getQueryState(['marks', 'lesson'])!.isInvalidated;
  const { rerender } = renderHook(
    ({ entries }: { entries: number | undefined }) => useMarksFollowLog('lesson', entries),
    { wrapper, initialProps: { entries: undefined } as { entries: number | undefined } },
  );
  rerender({ entries: 12 });
  expect(isOld()).toBe(false);
  rerender({ entries: 13 });
  expect(isOld()).toBe(true);
});
