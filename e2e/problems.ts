import type { Page } from '@playwright/test';

/** What a page complains of from now on: errors thrown, and all that it writes to the console as one. */
export function problemsOf(page: Page): string[] {
  const problems: string[] = [];
  page.on('pageerror', (error) => problems.push(error.message));
  page.on('console', (message) => {
    // A page that came from the server and one built anew that differ are told as a warning only.
    if (message.type() === 'error' || /hydrat/i.test(message.text())) problems.push(message.text());
  });
  return problems;
}
