import { db } from '$lib/server/database/base/connection';
import { pupilRecord } from '$lib/server/database/people/pupil-record';
import { idOf } from '$lib/server/http/form-fields';
import PupilRecord from '$lib/ui/records/PupilRecord.svelte';
import { error } from '@sveltejs/kit';
import { render } from 'svelte/server';
import tokens from '../../../../../../app.css?raw';
import type { RequestHandler } from './$types';

/** The sizes that the application's pages have, as the file stands for itself. */
const sizes = (tokens.match(/--(space|text)-[\w-]+:[^;]+;/g) ?? []).join('');

/** Everything that is held about a pupil as a file: a page to read, or JSON. */
export const GET: RequestHandler = ({ params, url }) => {
  const record = pupilRecord(db(), idOf(params.id) ?? 0, idOf(params.pupil) ?? 0);
  if (!record) error(404, 'There is no such pupil.');
  switch (url.searchParams.get('as')) {
    case 'json':
      return file(`${JSON.stringify(record, null, 2)}\n`, 'application/json', 'record.json');
    case 'html': {
      const { head, body } = render(PupilRecord, { props: { record } });
      const page = `<!doctype html><html lang="en"><head><meta charset="utf-8" /><title>Record</title><style>:root{${sizes}font-family:sans-serif}</style>${head}</head><body>${body}</body></html>`;
      return file(page, 'text/html; charset=utf-8', 'record.html');
    }
    default:
      error(404, 'A record is saved as html or json.');
  }
};

function file(text: string, type: string, name: string): Response {
  return new Response(text, {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` }
  });
}
