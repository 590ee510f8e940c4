/** Long lists, a page at a time: each page begins after the last id of the one before. */
import type { ReplyOf } from '@kivex/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { address } from './call.js';
import { request } from './request.js';

/** The lists that come in pages. */
export type ListRoute = 'GET /api/lessons' | 'GET /api/audit';
type ListReply = { readonly [R in ListRoute]: ReplyOf<R> };

/** Things in one page of a list. */
export const inPage = 100;

/** Where a page of a list is fetched; `before` is the last id seen, empty at first. */
export const pageAddress = (route: ListRoute, before: string): string =>
  address(route, {}, { limit: inPage, ...(before ? { before } : {}) });

/** The last id of a full page, after which the next begins; undefined where the list is at its end. */
export const pageAfter = (page: readonly { readonly id: string }[]): string | undefined =>
  page.length >= inPage ? page.at(-1)!.id : undefined;

/** A list of the server's, newest first. */
export const useInPages = <R extends ListRoute>(key: string, route: R) =>
  useInfiniteQuery({
    queryKey: [key],
    queryFn: ({ pageParam }) => request<ListReply[R]>('GET', pageAddress(route, pageParam)),
    initialPageParam: '',
    getNextPageParam: (page: readonly { readonly id: string }[]) => pageAfter(page),
  });
