import { fileName } from '@zealous-quill/core/exchange';
import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { run } from '$lib/server/jobs/pool';
import { pdfReply } from '$lib/server/print/pdf-reply';
import { unprinted } from '$lib/server/printing/printing';
import { quickDocument, quickPrints } from '$lib/server/print/quick';
import { quickSkill, readQuick } from '$lib/server/http/quick-request';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Sheets of quick practice, what is read out, or strips for the answers, as PDF. */
export const GET: RequestHandler = async ({ params, url, request: { signal } }) => {
  const skill = quickSkill(params.skill);
  if (!skill) error(404, 'There is no quick practice of such a skill.');
  const what = quickPrints.find((one) => one === url.searchParams.get('what')) ?? 'sheets';
  const style = readHouseStyle(db());
  const { minutes, ...asked } = readQuick(url.searchParams, skill);
  const drawn = await run('quick', { ...asked, skill: skill.id, style }, { signal });
  if (!drawn.ok) unprinted(drawn.error);
  if (!drawn.result) error(404, 'No item meets these controls.');
  const document = quickDocument(skill.title, drawn.result, { what, minutes, style });
  const printed = await run('quickPrint', document, { signal });
  if (!printed.ok) unprinted(printed.error);
  return pdfReply(printed.result, fileName([skill.title, document.about]));
};
