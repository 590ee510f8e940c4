/** Calls the server by the contract's routes: what is named, sent and answered is typed by them. */
import type { BodyOf, NamesOf, ReplyOf, RouteName } from '@kivex/contract';
import { request } from './request.js';

export type Names<R extends RouteName> = Readonly<Record<NamesOf<R>, string>>;
type Sent<R extends RouteName> = BodyOf<R> extends undefined ? unknown : { readonly body: BodyOf<R> };
/** The names of its path, `body` where something is sent, and as whom a bench calls that several write at. */
export type Given<R extends RouteName> = Names<R> & Sent<R> & { readonly as?: string | undefined };
type Rest<R extends RouteName> =
  Record<never, never> extends Given<R> ? [given?: Given<R>] : [given: Given<R>];

/** Something that calls as `call` does: what a part is given so that it can be tried without a server. */
export type Call = <R extends RouteName>(route: R, ...rest: Rest<R>) => Promise<ReplyOf<R>>;

type Query = Readonly<Record<string, string | number | readonly string[]>>;
const filled = (route: RouteName, given: Readonly<Record<string, unknown>> = {}): [string, string] => {
  const [method, path] = route.split(' ') as [string, string];
  return [method, path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(String(given[name])))];
};

/** The address of a route, for links, files and pages of a list. */
export function address<R extends RouteName>(route: R, names: Names<R>, query: Query = {}): string {
  const [, path] = filled(route, names);
  const asked = new URLSearchParams();
  for (const [key, value] of Object.entries(query))
    for (const one of Array.isArray(value) ? value : [value]) asked.append(key, String(one));
  const text = asked.toString();
  return text ? `${path}?${text}` : path;
}

/** @throws RequestProblem always, whatever went wrong. */
export const call: Call = (route, ...[given]) => {
  const [method, path] = filled(route, given as Readonly<Record<string, unknown>> | undefined);
  const { body, as } = (given ?? {}) as { readonly body?: unknown; readonly as?: string };
  return request(method as 'GET', path, body, as ? { 'X-Kivex-Student': as } : {});
};
