/** For tests: draws a part of Kivex as staff see it, with its own cache and its own address, and a server that answers what it is told. */
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, configure, fireEvent, render, type RenderResult } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import axe from 'axe-core';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { staffSystem } from '../kit/theme/staff-system.js';

// The page as it stands is no help in a long list of failures; the sentence is.
configure({ asyncUtilTimeout: 5_000, getElementError: (message) => new Error(message ?? '') });

/** What was asked of the server. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}
/** An answer: a value, or a status with what is wrong. */
export type Answer = unknown;
export class Refusal {
  constructor(
    readonly status: number,
    readonly problem: {
      readonly detail: string;
      readonly errors?: readonly { field: string; detail: string }[];
    } & Record<string, unknown>,
  ) {}
}

export interface Shown extends RenderResult {
  readonly user: UserEvent;
  readonly asked: Asked[];
  /** The present address. */
  readonly at: () => string;
}

interface Options {
  /** Where one is. */
  readonly path?: string;
  /** The pattern of the route, where the part reads its parameters. */
  readonly route?: string;
  /** By "METHOD /path": what the server answers; a function is asked each time. */
  readonly server?: Readonly<Record<string, Answer | ((asked: Asked) => Answer)>>;
}

/** Milliseconds between keys, a few frames of the pretend browser: some fields write what they hold a frame later. */
const betweenKeys = 3;

/** Draws `part`. A path that the server has no answer for is a failed test, told by its name. */
export function show(part: ReactNode, { path = '/', route = '*', server = {} }: Options = {}): Shown {
  const asked: Asked[] = [];
  globalThis.fetch = (async (input: RequestInfo | URL, init?: RequestInit) => {
    const question: Asked = {
      method: init?.method ?? 'GET',
      path: String(input),
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
    };
    asked.push(question);
    const known =
      server[`${question.method} ${question.path}`] ??
      server[`${question.method} ${question.path.split('?')[0]}`];
    if (known === undefined)
      throw new Error(`The test's server was asked ${question.method} ${question.path}.`);
    const answer = typeof known === 'function' ? (known as (a: Asked) => Answer)(question) : known;
    if (answer instanceof Refusal)
      return new Response(JSON.stringify({ status: answer.status, title: 'Problem', ...answer.problem }), {
        status: answer.status,
        headers: { 'content-type': 'application/problem+json' },
      });
    return answer === null
      ? new Response(null, { status: 204 })
      : new Response(JSON.stringify(answer), { headers: { 'content-type': 'application/json' } });
  }) as typeof fetch;
  let place = path;
  function Where(): null {
    const { pathname, search } = useLocation();
    place = pathname + search;
    return null;
  }
  const client = new QueryClient({
    defaultOptions: { queries: { retry: false }, mutations: { retry: false } },
  });
  const shown = render(
    <ChakraProvider value={staffSystem}>
      <QueryClientProvider client={client}>
        <MemoryRouter initialEntries={[path]}>
          <Where />
          <Routes>
            <Route path={route} element={part} />
            <Route path="*" element={<p>Another page</p>} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
  return { ...shown, user: userEvent.setup({ delay: betweenKeys }), asked, at: () => place };
}

/**
 * Enters a text at once, as pasting does. For boxes of Chakra's that write back what they hold: the pretend browser lets a
 * key come between, which real ones do not (tried with a slowed one).
 */
export async function enter(box: HTMLElement, text: string): Promise<void> {
  const settled = () => new Promise(requestAnimationFrame);
  await act(async () => {
    box.focus();
    await settled();
    fireEvent.input(box, { target: { value: text } });
    await settled();
  });
}

/** What axe finds wrong with what is shown, as sentences; colours are judged in the browser, where there are any. */
export async function faults(root: Element = document.body): Promise<string[]> {
  const { violations } = await axe.run(root, {
    rules: {
      'color-contrast': { enabled: false },
      region: { enabled: false },
      'page-has-heading-one': { enabled: false },
    },
  });
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
}
