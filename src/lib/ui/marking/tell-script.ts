/** Says something of a whole script of a sitting; the answer is empty, or why it could not be done. */
export async function tellScript(
  sittingId: number,
  what: 'absent' | 'name',
  said: object
): Promise<string> {
  const reply = await fetch(`/marking/${sittingId}/${what}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(said)
  }).catch(() => null);
  if (reply?.ok) return '';
  const refusal = await reply?.json().catch(() => null);
  return refusal?.error?.message ?? 'The server does not answer. Try it again.';
}
