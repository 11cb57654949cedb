export { areaGrid } from './area-grid';
export { crossOf, crossTrial } from './cross-trial';
export { grouping } from './grouping';
export type { Method } from './method';
export { factorsOfPair, productAndSum } from './product-and-sum';
