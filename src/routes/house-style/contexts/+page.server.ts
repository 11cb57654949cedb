import { db } from '$lib/server/database/base/connection';
import {
  createContext,
  listContexts,
  removeContext,
  stopTelling
} from '$lib/server/database/papers/contexts';
import { whyNotUsed } from '$lib/server/contexts/use-context';
import { idOf, textOf } from '$lib/server/http/form-fields';
import { startContext } from '$lib/ui/contexts/context-edits';
import { builtInContexts, contextShape } from '@zealous-quill/core/catalogue/all';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const GONE = 'This context is not there any more.';
export const load: PageServerLoad = () => ({
  own: listContexts(db()).map(({ context, ...saved }) => ({
    ...saved,
    ...{ title: context.title, stories: context.stories.length }
  })),
  others: builtInContexts.map(({ id, title, stories }) => ({ id, title, stories: stories.length }))
});

export const actions: Actions = {
  start: async ({ request }) => {
    const title = textOf(await request.formData(), 'title').slice(0, 60);
    if (!title) return fail(400, { problem: 'Say where the stories take place.' });
    redirect(303, `/house-style/contexts/${createContext(db(), startContext(title))}`);
  },
  bring: async ({ request }) => {
    const file = (await request.formData()).get('file');
    if (!(file instanceof File) || file.size === 0) {
      return fail(400, { broughtProblem: 'Choose a file first.' });
    }
    const read = contextShape.safeParse(jsonIn(await file.text()));
    if (!read.success) {
      return fail(400, { broughtProblem: 'This file holds no context of word problems.' });
    }
    redirect(303, `/house-style/contexts/${createContext(db(), read.data)}`);
  },
  tell: async ({ request }) => {
    const at = idOf((await request.formData()).get('id')) ?? 0;
    const rowProblem = await whyNotUsed(at);
    return rowProblem === undefined ? {} : fail(422, { at, rowProblem });
  },
  stop: async ({ request }) => {
    const at = idOf((await request.formData()).get('id')) ?? 0;
    return stopTelling(db(), at) ? {} : fail(404, { at, rowProblem: GONE });
  },
  remove: async ({ request }) => {
    const at = idOf((await request.formData()).get('id')) ?? 0;
    const removed = removeContext(db(), at);
    return removed ? { removed } : fail(404, { at, rowProblem: GONE });
  }
};

function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
