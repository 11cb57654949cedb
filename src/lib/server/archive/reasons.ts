/** Why a backup was made; its name says so. */
export const reasons = ['by-hand', 'by-schedule', 'before-update', 'before-restore'] as const;
export type Reason = (typeof reasons)[number];
