import type { Scheme } from '@zealous-quill/core/marking';

/** Makes a scheme the department's for a skill in one presentation, or the usual one again; false if nobody answers. */
export async function setDepartmentScheme(asked: {
  readonly skill: string;
  readonly kind: string;
  readonly scheme: Scheme | null;
}): Promise<boolean> {
  try {
    const reply = await fetch('/house-style/scheme', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(asked)
    });
    return reply.ok;
  } catch {
    return false;
  }
}
