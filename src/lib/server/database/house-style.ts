import {
  defaultHouseStyle,
  houseStyleSchema,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import type { Db, Reader } from './connection';
import { log } from './logbook';
import { houseStyles } from './schema';

const DEPARTMENT = 1;

/** The department's house style; the usual one until it is set. */
export function readHouseStyle(db: Reader): HouseStyle {
  const row = db.select().from(houseStyles).get();
  return row ? houseStyleSchema.parse(row.style) : defaultHouseStyle;
}

export function saveHouseStyle(db: Db, style: HouseStyle): void {
  db.transaction((tx) => {
    tx.insert(houseStyles)
      .values({ id: DEPARTMENT, style })
      .onConflictDoUpdate({
        target: houseStyles.id,
        set: { style, updatedAt: new Date().toISOString() }
      })
      .run();
    log(tx, 'house style changed', 'department');
  });
}
