import {
  defaultHouseStyle,
  houseStyleSchema,
  workingAlone,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import { change } from '../base/change';
import type { Db, Reader } from '../base/db';
import { houseStyles } from '../base/schema';

const DEPARTMENT = 1;

/** The department's house style; the usual one until it is set. */
export function readHouseStyle(db: Reader): HouseStyle {
  const row = db.select().from(houseStyles).get();
  return row ? houseStyleSchema.parse(row.style) : defaultHouseStyle;
}

/** The style that a sat paper is kept with. Minutes said then counted the time of working alone. */
export function keptStyle(style: Partial<HouseStyle>): HouseStyle {
  return houseStyleSchema.parse({ timing: workingAlone, ...style });
}

/** The house style with the number of its last save; 0 before the first. */
export function houseStyleState(db: Reader): { style: HouseStyle; version: number } {
  const version = db.select({ version: houseStyles.version }).from(houseStyles).get()?.version ?? 0;
  return { style: readHouseStyle(db), version };
}

export type SaveStyle =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly style: HouseStyle; readonly version: number };

/** Saves the house style over the version it was read at; if it was saved since, gives what stands there instead. */
export function saveHouseStyle(
  db: Db,
  style: HouseStyle,
  over = houseStyleState(db).version
): SaveStyle {
  return change(db, (tx, log): SaveStyle => {
    const current = houseStyleState(tx);
    if (current.version !== over) return { ok: false, ...current };
    const version = over + 1;
    tx.insert(houseStyles)
      .values({ id: DEPARTMENT, style, version })
      .onConflictDoUpdate({
        target: houseStyles.id,
        set: { style, version, updatedAt: new Date().toISOString() }
      })
      .run();
    log('house style changed', 'department');
    return { ok: true, version };
  });
}
