/** What is said where items cannot be counted or drawn within the work that is allowed, under some controls or none. */
export function tooHard(controls: object): string {
  const more = 'This asks for more than can be worked out.';
  return Object.keys(controls).length > 0
    ? `${more} Leave out one of these controls.`
    : `${more} Ask for fewer items.`;
}
