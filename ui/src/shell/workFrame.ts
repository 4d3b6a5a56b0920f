/** A screen of work: a phone scrolls it as a page, anything larger stands still around its sheet. */
export const WORK_FRAME = {
  height: { sm: '100vh' },
  minHeight: { xs: '100vh', sm: 640 },
  display: 'flex',
  flexDirection: 'column',
} as const;

/** Its sheet, beside or below the drawing: what is asked for now. */
export const SHEET_PANE = {
  overflowY: { sm: 'auto' },
  p: 2,
  borderLeft: { sm: 1 },
  borderColor: 'divider',
  minHeight: 0,
} as const;
