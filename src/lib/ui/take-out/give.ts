/** Puts text on the clipboard; false where the browser does not allow it. */
export async function copyText(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

/** Gives something made in the browser as a file. */
export function download(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = Object.assign(document.createElement('a'), { href: url, download: name });
  link.click();
  URL.revokeObjectURL(url);
}
