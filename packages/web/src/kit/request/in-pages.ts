/** Long lists, a page at a time: each page begins after the last id of the one before. */
import { useInfiniteQuery } from '@tanstack/react-query';
import { request } from './request.js';

/** Things in one page of a list. */
export const inPage = 100;

/** Where a page of a list is fetched; `before` is the last id seen, empty at first. */
export const pageAddress = (path: string, before: string): string =>
  `${path}?limit=${inPage}${before ? `&before=${encodeURIComponent(before)}` : ''}`;

/** The last id of a full page, after which the next begins; undefined where the list is at its end. */
export const pageAfter = (page: readonly { readonly id: string }[]): string | undefined =>
  page.length >= inPage ? page.at(-1)!.id : undefined;

/** A list of the server's, newest first. */
export const useInPages = <T extends { readonly id: string }>(key: string, path: string) =>
  useInfiniteQuery({
    queryKey: [key],
    queryFn: ({ pageParam }) => request<T[]>('GET', pageAddress(path, pageParam)),
    initialPageParam: '',
    getNextPageParam: (page) => pageAfter(page),
  });
