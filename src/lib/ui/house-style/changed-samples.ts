/** Of some samples, those that are not as they were before; all of which there was nothing before are none. */
export function changedSamples<Sample extends { readonly id: string }>(
  before: readonly Sample[],
  now: readonly Sample[]
): Sample[] {
  const known = new Map(before.map((sample) => [sample.id, JSON.stringify(sample)]));
  return now.filter((sample) => {
    const was = known.get(sample.id);
    return was !== undefined && was !== JSON.stringify(sample);
  });
}
