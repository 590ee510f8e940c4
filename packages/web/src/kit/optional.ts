/** A part that is fetched when it is first shown, and does without where it cannot be: the network may go at any moment. */
import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/** @param instead what stands there when the part cannot be fetched; nothing where it is left out. */
export const optional = <P extends object>(
  load: () => Promise<ComponentType<P>>,
  instead: ComponentType<P> = () => null,
): LazyExoticComponent<ComponentType<P>> =>
  lazy(async () => ({ default: await load().catch(() => instead) }));
