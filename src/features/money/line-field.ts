/** Names the fields of one line of a receipt. */
export const lineField =
  (at: number) =>
  (field: 'what' | 'sum' | 'kind' | 'rooms' | 'split' | 'covers'): string =>
    `lines.${at}.${field}`;
