/** What is said of controls under which items cannot be counted within the work that is allowed. */
export const TOO_HARD = 'These controls ask for more than can be worked out. Leave one out.';
