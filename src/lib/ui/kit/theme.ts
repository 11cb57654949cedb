import type { ThemeConfig } from 'flowbite-svelte/types';

const field = 'text-base px-2 py-1 bg-leaf text-ink border-faint rounded-md';

/** How the standard parts look here: ink on paper, ruled lines, no shadows. Given to them once, by the layout. */
export const theme: ThemeConfig = {
  button: { base: 'font-normal rounded-md' },
  buttonGroup: 'shadow-none',
  input: { base: 'w-auto', input: field },
  textarea: { base: 'w-full', wrapper: field },
  select: { base: 'w-auto rounded-md', select: `${field} pr-7` },
  fileupload: {
    base: 'w-full text-sm text-faint p-0.5 bg-leaf border border-faint rounded-md file:mr-3 file:border-0 file:bg-accent-soft file:text-accent file:text-base file:px-3 file:py-0.5 file:cursor-pointer'
  },
  checkbox: { base: 'accent-accent', div: 'text-base font-normal' },
  label: 'text-base font-normal text-ink',
  helper: 'text-sm text-slip',
  alert: 'p-3 text-base text-ink bg-lamp-soft border border-lamp rounded-md',
  badge: { base: 'text-sm font-normal rounded-md px-2 bg-raised text-ink' },
  table: {
    div: 'overflow-x-auto',
    table:
      'w-full text-base text-ink [&_tbody_tr]:border-b [&_tbody_tr]:border-rule [&_td]:py-1.5 [&_td]:pr-2 [&_td]:align-top'
  },
  tableHead: 'text-sm normal-case text-faint',
  tableHeadCell: 'px-0 py-1 pr-2 font-bold align-bottom border-b-[1.5px] border-ink',
  tabs: { content: 'bg-transparent p-0 pt-2 m-0 text-ink', divider: 'bg-rule' },
  tabItem: {
    button:
      'text-base px-3 py-2 text-faint aria-selected:text-accent border-b-2 border-transparent aria-selected:border-accent'
  },
  modal: {
    base: 'bg-leaf text-ink border border-rule divide-rule rounded-md shadow-lg backdrop:bg-ink/40',
    header: 'px-4 py-3 text-lg text-ink',
    body: 'px-4 py-3 space-y-3',
    footer: 'px-4 py-3 gap-2 space-x-0'
  },
  dropdown: 'bg-leaf border border-rule rounded-md shadow-md z-30',
  popover: {
    base: 'bg-leaf text-ink border border-rule rounded-md shadow-md z-30',
    content: 'px-3 py-2'
  },
  toast: {
    base: 'bg-ink text-paper rounded-md px-3 py-2 max-w-md items-center',
    content: 'text-base'
  }
};
