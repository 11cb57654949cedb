import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { test } from 'node:test';
import { describeApi } from './openapi';

const ROUTES = 'src/routes/api';

/** The methods that the routes of the API answer, `GET /api/health`, read from their files. */
function routed(): string[] {
  return readdirSync(ROUTES, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('+server.ts') && !file.includes('[...'))
    .flatMap((file) => {
      const folder = dirname(file);
      const path = folder === '.' ? '/api' : `/api/${folder}`;
      const source = readFileSync(join(ROUTES, file), 'utf8');
      return [...source.matchAll(/^export const (GET|POST|PUT|PATCH|DELETE)\b/gm)].map(
        ([, method]) => `${method} ${path}`
      );
    });
}

test('the description of the API has every route, and no route that there is not', () => {
  const { paths } = describeApi() as { paths: Record<string, Record<string, unknown>> };
  const described = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => `${method.toUpperCase()} ${path}`)
  );
  assert.deepEqual(described.sort(), routed().sort());
  assert.ok(described.length > 5, 'routes were read');
});
