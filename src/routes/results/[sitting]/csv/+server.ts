import { likelyPatterns } from '@zealous-quill/core/analysis';
import { csvFile, fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { readResults } from '$lib/server/database/marking/results';
import { readSitting } from '$lib/server/database/sittings/sittings';
import { idOf } from '$lib/server/http/form-fields';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Pupils by items, with totals and the error patterns each probably holds, the likeliest first. */
export const GET: RequestHandler = ({ params }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const { items, skills, pupils, patterns, available } = readResults(
    db(),
    sitting.id,
    sitting.paperId
  );
  const title = (pattern: string) =>
    patterns.find((one) => one.pattern === pattern)?.label ?? pattern;
  const isMixed = skills.length > 1;
  const header = [
    'name',
    ...items.map(({ label, available }) => `item ${label} (${available})`),
    ...(isMixed ? skills.map(({ title, available }) => `${title} (${available})`) : []),
    `total (${available})`,
    'changed by hand',
    'not marked yet',
    'error pattern',
    'could show',
    'did show',
    'how sure in %',
    'also likely',
    'comments'
  ];
  const rows = pupils.map(({ name, outcomes, total, changed, isAbsent, evidence }) => {
    if (isAbsent) return [name, ...header.slice(1).map(() => 'absent')];
    const [held, ...others] = likelyPatterns(evidence);
    const bySkill = skills.map(({ skill }) =>
      outcomes.reduce(
        (sum, outcome, at) => sum + (items[at]!.skill === skill ? (outcome?.awarded ?? 0) : 0),
        0
      )
    );
    return [
      name,
      ...outcomes.map((outcome) => outcome?.awarded ?? ''),
      ...(isMixed ? bySkill : []),
      total,
      changed,
      outcomes.filter((outcome) => outcome === null).length,
      held ? title(held.pattern) : '',
      held?.could ?? '',
      held?.did ?? '',
      held ? Math.round(100 * held.probability) : '',
      others.map(({ pattern }) => title(pattern)).join('; '),
      outcomes
        .flatMap((outcome, at) =>
          outcome?.comment ? [`item ${items[at]!.label}: ${outcome.comment}`] : []
        )
        .join('; ')
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
