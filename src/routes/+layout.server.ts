import { db } from '$lib/server/database/connection';
import { readHouseStyle } from '$lib/server/database/house-style';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = () => ({ style: readHouseStyle(db()) });
