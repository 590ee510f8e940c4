import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { act, render } from '@testing-library/react';
import { useCalm } from './use-calm.js';

const Shown = ({ value }: { readonly value: number }) => <p>{useCalm(value, 1000)}</p>;

beforeEach(() => void jest.useFakeTimers({ now: 1_000_000 }));
afterEach(() => void jest.useRealTimers());

test('the first change is taken at once, those soon after it together, and the last always', () => {
  const { container, rerender } = render(<Shown value={0} />);
  const pass = (ms: number) => act(() => void jest.advanceTimersByTime(ms));
  pass(0);
  pass(1000);
  rerender(<Shown value={1} />);
  pass(0);
  expect(container.textContent).toBe('1');
  for (const value of [2, 3, 4]) {
    rerender(<Shown value={value} />);
    pass(100);
  }
  expect(container.textContent).toBe('1');
  pass(1000);
  expect(container.textContent).toBe('4');
});
