import type { Reply } from '$lib/contract/replies';
import { houseStyleConflict, houseStyleSchema } from '@zealous-quill/core/house-style';
import { wrongMethod } from '@zealous-quill/core/catalogue';
import { fail, invalid, post, reply } from '$lib/server/http/reply';
import { db } from '$lib/server/database/base/connection';
import { saveHouseStyle } from '$lib/server/database/papers/house-style';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const request = z.strictObject({ version: z.int().min(0), style: houseStyleSchema });

/** Saves the house style over the version that was read; says so if that is not the newest any more. */
export const POST: RequestHandler = ({ request: sent }) =>
  post(request, ({ version, style }) => {
    if (wrongMethod(style) !== undefined) {
      return invalid([{ field: 'style.methods', problem: 'a method that is not offered' }]);
    }
    if (houseStyleConflict(style)) {
      const problem = 'Commas cannot group digits beside a decimal comma: choose another for one.';
      return fail(400, 'conflict', problem);
    }
    const saved = saveHouseStyle(db(), style, version);
    if (saved.ok) return reply<Reply<'saved'>>({ version: saved.version });
    return fail(409, 'changed', 'The house style was changed in another window.', {
      version: saved.version,
      style: saved.style
    });
  })({ request: sent });
