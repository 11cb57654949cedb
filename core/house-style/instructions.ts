/** Instructions on the cover of an exam, a line each, until a department writes its own. */
export const USUAL_INSTRUCTIONS =
  'Do not open this paper until you are told to.\nAnswer all questions.\nWrite your answers in the spaces provided.\nShow your working: marks are given for it.';
