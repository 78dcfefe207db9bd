/** Forms. */
export const form = {
  thatIsCharactersFit: ({ text, most }: { readonly text: number; readonly most: number }) =>
    `That is ${text} characters; ${most} fit here.`,
  keep: 'Keep',
  missing: ({ label }: { readonly label: string }) => `Missing: ${label}.`,
};
