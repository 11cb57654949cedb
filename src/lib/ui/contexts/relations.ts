/** How quantities of a story can hang together, in a teacher's words: as a link begins, and what each quantity is. */
export interface Relation {
  readonly head: string;
  readonly title: string;
  readonly meaning: string;
  readonly roles: readonly string[];
}

export const relations: readonly Relation[] = [
  {
    ...{ head: 'part-part-whole', title: 'Parts and a whole' },
    meaning: 'one part + the other part = the whole',
    roles: ['one', 'other', 'whole']
  },
  {
    ...{ head: 'change+', title: 'Something is put to it' },
    meaning: 'start + change = result',
    roles: ['start', 'change', 'result']
  },
  {
    ...{ head: 'change-', title: 'Something is taken away' },
    meaning: 'start − change = result',
    roles: ['start', 'change', 'result']
  },
  {
    ...{ head: 'compare+', title: 'So much more than another' },
    meaning: 'reference + difference = compared',
    roles: ['reference', 'difference', 'compared']
  },
  {
    ...{ head: 'compare-', title: 'So much less than another' },
    meaning: 'reference − difference = compared',
    roles: ['reference', 'difference', 'compared']
  },
  {
    ...{ head: 'equal-groups', title: 'Equal groups' },
    meaning: 'groups × each = all',
    roles: ['groups', 'each', 'all']
  },
  {
    ...{ head: 'times-as-many', title: 'Times as many' },
    meaning: 'factor × reference = compared',
    roles: ['factor', 'reference', 'compared']
  },
  {
    ...{ head: 'rate', title: 'A price or a speed' },
    meaning: 'amount × rate = total',
    roles: ['amount', 'rate', 'total']
  }
];

/** The relation that a link is, and its quantities in the order of the roles. */
export function relationOf(link: string): { relation: Relation; quantities: string[] } {
  const [head = '', ...quantities] = link.split(' ');
  return { relation: relations.find((one) => one.head === head) ?? relations[0]!, quantities };
}

/** A quantity as it is called on screen: `the other 2` for `other-2`. */
export const quantityWord = (id: string): string => id.replaceAll('-', ' ');
