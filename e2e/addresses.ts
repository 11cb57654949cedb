import { readdirSync } from 'node:fs';
import { dirname } from 'node:path';

/** Addresses of the demo department: every page, and some of them as they are in other states. */
export const addresses: readonly string[] = [
  '/',
  '/papers',
  '/papers/1',
  '/papers/4',
  '/papers/6',
  '/papers/plans',
  '/papers/plans/1',
  '/papers/13/exam',
  '/papers/13/exam/order?class=2&class=3&forms=turns',
  '/marking',
  '/marking/2',
  '/marking/3',
  '/marking/3?by=question&item=45',
  '/marking/3?by=question&item=47',
  '/marking/3?by=question&item=53',
  '/marking/10',
  '/marking/10/grid',
  '/marking/12',
  '/results',
  '/results/1',
  '/results/3',
  '/results/10?with=all',
  '/classes',
  '/classes/1',
  '/classes/2/needs',
  '/classes/2/timed/1',
  '/classes/import',
  '/classes/1/pupils/1',
  '/records',
  '/records/bin',
  '/records/backups',
  '/records/names',
  '/house-style',
  '/house-style/contexts',
  '/house-style/contexts/1',
  '/words',
  '/workshop/column-addition',
  '/workshop/ways?sum=12 x 16',
  '/workshop/near-doubles/quick?sets=2'
];

const ROUTES = 'src/routes';

/** Pages that none of some addresses leads to, as routes: `/papers/[id]`. */
export function unvisited(visited: readonly string[]): string[] {
  const routes = readdirSync(ROUTES, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('+page.svelte'))
    .map((file) => `/${dirname(file)}`.replace(/^\/\.$/, '/'));
  const paths = visited.map((address) => address.split('?')[0]!);
  return routes.filter((route) => {
    const shape = new RegExp(`^${route.replace(/\[\w+\]/g, '[^/]+')}$`);
    return !paths.some((path) => shape.test(path));
  });
}
