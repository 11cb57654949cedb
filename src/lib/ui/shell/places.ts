export interface Place {
  readonly href: string;
  readonly title: string;
  readonly hint: string;
}

/** The places of the application, in the order of a working week. */
export const places: readonly Place[] = [
  { href: '/', title: 'Desk', hint: 'what is under way' },
  { href: '/workshop', title: 'Workshop', hint: 'skills and their items' },
  { href: '/papers', title: 'Papers', hint: 'practices to print' },
  { href: '/marking', title: 'Marking', hint: 'scripts to mark' },
  { href: '/results', title: 'Results', hint: 'what they can do' },
  { href: '/classes', title: 'Classes', hint: 'pupils' },
  { href: '/records', title: 'Records', hint: 'log, bin and backups' },
  { href: '/house-style', title: 'House style', hint: 'how we write' }
];
