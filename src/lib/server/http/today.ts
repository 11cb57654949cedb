/** Today as `2026-12-01`. */
export const today = () => new Date().toISOString().slice(0, 10);
