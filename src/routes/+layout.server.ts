import { db } from '$lib/server/database/base/connection';
import { readHouseStyle } from '$lib/server/database/papers/house-style';
import { OPEN_WARNING, opennessOf } from '$lib/server/http/foreign-requests';
import type { LayoutServerLoad } from './$types';

const isOpen = opennessOf(process.env) === 'open';

export const load: LayoutServerLoad = () => ({
  style: readHouseStyle(db()),
  /** What every page says where others on the network can reach the server. */
  openWarning: isOpen ? OPEN_WARNING : ''
});
