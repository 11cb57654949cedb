import { likelyPatterns } from '@zealous-quill/core/analysis';
import { csvFile, fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/connection';
import { readResults } from '$lib/server/database/results';
import { readSitting } from '$lib/server/database/sittings';
import { idOf } from '$lib/server/forms';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Pupils by items, with totals and the error patterns each probably holds, the likeliest first. */
export const GET: RequestHandler = ({ params }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const { items, pupils, patterns, available } = readResults(db(), sitting.id, sitting.paperId);
  const title = (pattern: string) =>
    patterns.find((one) => one.pattern === pattern)?.label ?? pattern;
  const header = [
    'name',
    ...items.map(({ number, available }) => `item ${number} (${available})`),
    `total (${available})`,
    'changed by hand',
    'not marked yet',
    'error pattern',
    'could show',
    'did show',
    'probability',
    'also likely'
  ];
  const rows = pupils.map(({ name, outcomes, total, changed, evidence }) => {
    const [held, ...others] = likelyPatterns(evidence);
    return [
      name,
      ...outcomes.map((outcome) => outcome?.awarded ?? ''),
      total,
      changed,
      outcomes.filter((outcome) => outcome === null).length,
      held ? title(held.pattern) : '',
      held?.could ?? '',
      held?.did ?? '',
      held ? held.probability.toFixed(2) : '',
      others.map(({ pattern }) => title(pattern)).join('; ')
    ];
  });
  const name = fileName([sitting.className, sitting.title, sitting.satOn]);
  return new Response(csvFile([header, ...rows]), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${name}.csv`)}`,
      'cache-control': 'no-store'
    }
  });
};
