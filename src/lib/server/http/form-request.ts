import { error } from '@sveltejs/kit';
import { contentTypeOf, fail } from './reply';

/** What a browser sends a form as. */
const FORMS = ['application/x-www-form-urlencoded', 'multipart/form-data'];

/** The name of the action a form is for: `/sit` in `/papers/4?/sit`; undefined if none is named. */
const actionOf = (url: URL) => [...url.searchParams.keys()].find((key) => key.startsWith('/'));

/**
 * Whether what is sent to a page can be one of its forms; what is wrong with it as an answer, else. Actions are looked
 * up by name, so that names every object has are none.
 */
export function wrongForm(request: Request, url: URL): Response | undefined {
  const action = actionOf(url);
  const type = contentTypeOf(request) ?? '';
  // Everything but forms says what it is; a form cannot be plain text, which carries what looks like anything.
  if (type === 'text/plain') {
    return fail(415, 'unsupported-type', 'Send a form as a browser does.');
  }
  if (!FORMS.includes(type) || action === undefined) return undefined;
  const name = action.slice(1);
  if (name in Object.prototype || !/^[a-z][a-zA-Z]{0,40}$/.test(name)) {
    return fail(404, 'unknown-action', 'There is no such form on this page.');
  }
  return undefined;
}

/** Answers 400 where the fields of a form cannot be read, wherever that is tried. */
export function readableForm(request: Request): void {
  const read = request.formData.bind(request);
  Object.defineProperty(request, 'formData', {
    value: () => read().catch(() => error(400, 'The form could not be read. Nothing was changed.'))
  });
}
