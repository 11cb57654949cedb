import { backUp, restore } from '$lib/server/backup/maintenance';
import { forgetReceived, receivedPath } from '$lib/server/backup/received';
import { backupFolder, backupPath, listBackups } from '$lib/server/archive/store';
import { db } from '$lib/server/database/base/connection';
import { readRetention, saveRetention } from '$lib/server/database/records/retention';
import { textOf } from '$lib/server/http/form-fields';
import { fail } from '@sveltejs/kit';
import { resolve } from 'node:path';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  backups: listBackups(),
  folder: resolve(backupFolder()),
  retention: readRetention(db())
});

const hours = z.coerce.number().int().min(0).max(720);
const kept = z.coerce.number().int().min(1).max(365);
/** What is chosen, and what stood there before: a form that was read earlier takes back nothing else. */
const schedule = z.object({
  ...{ backupHours: hours, backupsKept: kept },
  ...{ wasHours: hours, wasKept: kept }
});

export const actions: Actions = {
  make: async () => {
    const made = await backUp('by-hand');
    return made.ok ? { made: made.name } : fail(507, { problem: made.problem });
  },
  schedule: async ({ request }) => {
    const asked = schedule.safeParse(Object.fromEntries(await request.formData()));
    if (!asked.success) {
      return fail(400, { problem: 'Keep 1 to 365 backups, one every 1 to 720 hours, or none.' });
    }
    const { backupHours, backupsKept, wasHours, wasKept } = asked.data;
    saveRetention(db(), {
      ...(backupHours !== wasHours && { backupHours }),
      ...(backupsKept !== wasKept && { backupsKept })
    });
  },
  /** Restores a backup of the folder. */
  restore: async ({ request }) => {
    const path = backupPath(textOf(await request.formData(), 'name'));
    if (!path) return fail(404, { problem: 'This backup is not there any more.' });
    return putBack(path);
  },
  /** Restores a file that was sent in pieces. */
  received: async ({ request }) => {
    const file = textOf(await request.formData(), 'file');
    const path = receivedPath(file);
    if (!path) return fail(404, { problem: 'This file is not there any more. Send it again.' });
    try {
      return await putBack(path);
    } finally {
      forgetReceived(file);
    }
  }
};

async function putBack(path: string) {
  const restored = await restore(path);
  if (!restored.ok) return fail(422, { problem: restored.problem });
  return { restored: restored.manifest.madeAt, before: restored.before };
}
