// How the tests of pages find modules. What pages are built of keeps state (who is signed in, what is half entered), which
// no other file may find: each file of tests has modules of ours of its own, told apart by what the runner puts behind its
// name. Libraries are shared, and warm: they are most of what a page loads and runs.
import { pathToFileURL } from 'node:url';
import { bundled, bundledFolder, pagesFolder } from './bundled.mjs';

const ours = pathToFileURL(`${pagesFolder}/`).href;
const libraries = pathToFileURL(`${bundledFolder}/`).href;
const globals = new URL('page-globals.mjs', import.meta.url).href;

export async function resolve(name, context, next) {
  const { parentURL = '' } = context;
  if (!parentURL.startsWith(ours) || parentURL.startsWith(libraries)) return next(name, context);
  const file = new URL(parentURL).search;
  if (name === '@jest/globals') return { url: `${globals}${file}`, shortCircuit: true };
  if (Object.hasOwn(bundled, name)) return { url: `${libraries}${bundled[name]}.js`, shortCircuit: true };
  const found = await next(name, context);
  return found.url.startsWith(ours) ? { ...found, url: `${found.url}${file}` } : found;
}
