import { likelyPatterns } from '@zealous-quill/core/analysis';
import { csvFile, fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { readResults } from '$lib/server/database/marking/results';
import { gradeOf } from '@zealous-quill/core/results';
import { readBoundaries } from '$lib/server/database/sittings/boundaries';
import { readSitting, sittingsOf } from '$lib/server/database/sittings/sittings';
import { idOf } from '$lib/server/http/form-fields';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/**
 * Pupils by items, with totals and the error patterns each probably holds, the likeliest first: of one class, or of all
 * that sat the paper, with their classes. Forms and grades stand beside where there are some.
 */
export const GET: RequestHandler = ({ params, url }) => {
  const sitting = readSitting(db(), idOf(params.sitting) ?? 0);
  if (!sitting) error(404, 'There is no such sitting.');
  const isTogether = url.searchParams.get('with') === 'all';
  const sat = sittingsOf(db(), sitting.paperId).filter(({ id }) => isTogether || id === sitting.id);
  const { items, skills, pupils, patterns, available } = readResults(
    db(),
    sat.map(({ id }) => id),
    sitting.paperId
  );
  const classes = new Map(sat.map(({ id, className }) => [id, className]));
  const boundaries = new Map(sat.map(({ id }) => [id, readBoundaries(db(), id)]));
  const hasForms = pupils.some(({ form }) => form !== '');
  const hasGrades = [...boundaries.values()].some(({ length }) => length > 0);
  const title = (pattern: string) =>
    patterns.find((one) => one.pattern === pattern)?.label ?? pattern;
  const isMixed = skills.length > 1;
  const header = [
    'name',
    ...(isTogether ? ['class'] : []),
    ...(hasForms ? ['form'] : []),
    ...items.map(({ label, available }) => `item ${label} (${available})`),
    ...(isMixed ? skills.map(({ title, available }) => `${title} (${available})`) : []),
    `total (${available})`,
    ...(hasGrades ? ['grade'] : []),
    'changed by hand',
    'not marked yet',
    'error pattern',
    'could show',
    'did show',
    'how sure in %',
    'also likely',
    'comments'
  ];
  const rows = pupils.map((pupil) => {
    const { name, form, sittingId, outcomes, total, changed, isAbsent, evidence } = pupil;
    const who = [
      name,
      ...(isTogether ? [classes.get(sittingId)!] : []),
      ...(hasForms ? [form] : [])
    ];
    if (isAbsent) return [...who, ...header.slice(who.length).map(() => 'absent')];
    const [held, ...others] = likelyPatterns(evidence);
    const bySkill = skills.map(({ skill }) =>
      outcomes.reduce(
        (sum, outcome, at) => sum + (items[at]!.skill === skill ? (outcome?.awarded ?? 0) : 0),
        0
      )
    );
    return [
      ...who,
      ...outcomes.map((outcome) => outcome?.awarded ?? ''),
      ...(isMixed ? bySkill : []),
      total,
      ...(hasGrades ? [pupil.isComplete ? gradeOf(boundaries.get(sittingId)!, total) : ''] : []),
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
  const name = fileName([
    isTogether ? 'all classes' : sitting.className,
    ...[sitting.title, sitting.satOn]
  ]);
  return new Response(csvFile([header, ...rows]), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${name}.csv`)}`,
      'cache-control': 'no-store'
    }
  });
};
