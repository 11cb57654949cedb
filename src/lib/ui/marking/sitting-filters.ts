/** What lists of sittings can be narrowed to, by class and year. */
export function sittingFilters(choices: {
  readonly classes: readonly [id: string, name: string][];
  readonly years: readonly string[];
  readonly hasArchive: boolean;
}) {
  return [
    { name: 'class', label: 'Class', all: 'all classes', options: choices.classes },
    {
      name: 'year',
      label: 'Year',
      all: 'all years',
      options: choices.years.map((year) => [year, year] as const)
    },
    {
      name: 'archived',
      label: 'Archive',
      all: 'present classes',
      options: choices.hasArchive ? ([['yes', 'archived classes']] as const) : []
    }
  ];
}
