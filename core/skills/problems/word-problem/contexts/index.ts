import type { Context } from '../context';
import { allotment } from './allotment';
import { bakery } from './bakery';
import { brassBand } from './brass-band';
import { lanternWorks } from './lantern-works';
import { library } from './library';
import { market } from './market';
import { moorWalks } from './moor-walks';
import { museum } from './museum';
import { pond } from './pond';
import { railway } from './railway';
import { schoolTrip } from './school-trip';
import { weatherStation } from './weather-station';

/** The contexts that come with the skill. */
export const contexts: readonly Context[] = [
  bakery,
  lanternWorks,
  weatherStation,
  railway,
  moorWalks,
  market,
  schoolTrip,
  library,
  pond,
  allotment,
  brassBand,
  museum
];
