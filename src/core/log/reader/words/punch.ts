/** What opens a statement that goes on the punch list, with something behind it. */
export const PUNCH_LEAD =
  /^(?:for the )?(?:punch list|punch|snag list|snagging|snags?)\b(?!\s*list)\s*[:,\-–]?\s*(?=\S)/i;
