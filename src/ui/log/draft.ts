/** Id of the one entry that is only typed yet: it stands in the fold and not in the log. */
export const DRAFT_ID = 'draft';
