import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { SCREENS } from '../e2e/screens';

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name));

/** A route as a pattern of addresses: `(house)/walls/[id].tsx` is `/walls/…`. */
const routes = filesIn('src/app')
  .filter((name) => !/_layout|\+not-found/.test(name))
  .map((name) => `/${name.replace(/\.tsx$/, '').replace(/\([a-z]+\)\//g, '')}`)
  .map((path) => path.replace(/\/index$/, '') || '/');

const patternOf = (route: string) => new RegExp(`^${route.replace(/\[\w+\]/g, '[^/?]+')}$`);
const pathOf = (address: string) => address.split('?')[0] ?? '';

/** Addresses that words of a screen name: `/walls/${id}` is `/walls/x`. */
const linked = filesIn('src/features').flatMap((name) =>
  [
    ...readFileSync(join('src/features', name), 'utf8').matchAll(/['"`](\/[a-z][^'"`\s]*)['"`]/g),
  ].map(([, address = '']) => pathOf(address.replace(/\$\{[^}]*\}/g, 'x'))),
);

/** Where no link leads: the start, which sends on; the demo, which the README and a button open; what the system opens files with. */
const UNLINKED = ['/', '/demo', '/open-file'];

describe('every screen', () => {
  it('is looked at: its address is among those of the browser tests', () => {
    const looked = SCREENS.map(pathOf);
    const missing = routes
      .filter((route) => route !== '/' && route !== '/demo')
      .filter((route) => !looked.some((address) => patternOf(route).test(address)));
    expect(missing).toEqual([]);
  });

  it('is reached by a link', () => {
    const lonely = routes
      .filter((route) => !UNLINKED.includes(route))
      .filter((route) => !linked.some((address) => patternOf(route).test(address)));
    expect(lonely).toEqual([]);
  });
});
