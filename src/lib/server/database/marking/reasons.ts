/** The reason of marks that are typed without the working. */
export const MARKS_ONLY = 'marks typed without working';
