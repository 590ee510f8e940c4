/** A handler is tied to its route of the contract: path, method and callers come from there, and its types are held to it. */
import {
  routes,
  type AFile,
  type BodyOf,
  type Caller,
  type Bytes,
  type ReplyOf,
  type RouteName,
} from '@kivex/contract';
import {
  applyDecorators,
  RequestMapping,
  RequestMethod,
  SetMetadata,
  type StreamableFile,
} from '@nestjs/common';

export const routeKey = 'kivex:route';

type Frozen<T> = T extends (infer E)[]
  ? readonly Frozen<E>[]
  : T extends object
    ? { readonly [K in keyof T]: Frozen<T[K]> }
    : T;
/** Does all that the contract lets be sent fit what the handler takes, with the very same fields? */
type Same<Taken, Body> = [keyof Taken, Frozen<Body>] extends [keyof Body, Frozen<Taken>]
  ? [keyof Body] extends [keyof Taken]
    ? true
    : false
  : false;
type IsOneOf<Taken extends readonly unknown[], Body> = Taken extends readonly [infer First, ...infer Rest]
  ? Same<First, Body> extends true
    ? true
    : IsOneOf<Rest, Body>
  : false;
type Takes<R extends RouteName, Taken extends readonly unknown[]> =
  BodyOf<R> extends undefined | Bytes ? true : IsOneOf<Required<Taken>, BodyOf<R>>;
type Gives<R extends RouteName> = ReplyOf<R> extends AFile ? StreamableFile | string : ReplyOf<R>;

type Handler<R extends RouteName, Taken extends readonly unknown[]> =
  Takes<R, Taken> extends true ? (...taken: Taken) => Gives<R> | Promise<Gives<R>> : never;

/** Takes requests of this route of the contract, from those whom it allows. */
export const Route = <R extends RouteName>(route: R) => {
  const [method, path] = route.split(' ') as [keyof typeof RequestMethod, string];
  const decorate = applyDecorators(
    RequestMapping({ path, method: RequestMethod[method] as RequestMethod }),
    SetMetadata(routeKey, route),
  );
  return <const Taken extends readonly unknown[]>(
    target: object,
    name: string,
    descriptor: { readonly value?: Handler<R, Taken> | undefined },
  ): void => {
    decorate(target, name, descriptor as PropertyDescriptor);
  };
};

/** Who may call the handler with this metadata; nobody, where it has no route. */
export const callersOf = (route: RouteName | undefined): readonly Caller[] =>
  route === undefined ? [] : routes[route].who;
