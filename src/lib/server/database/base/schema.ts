export * from '../tables/department';
export * from '../tables/papers';
export * from '../tables/marking';
export * from '../tables/records';
export * from '../tables/timed';
