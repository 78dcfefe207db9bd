/** What documents say of themselves, and the shelf on which they are offered. */
export const papers = {
  pageOf: ({ page, pages }: { readonly page: number; readonly pages: number }) => `page ${page} of ${pages}`,
  page: ({ page }: { readonly page: number }) => `page ${page}`,
  papers: 'papers',
  papersOf: ({ title }: { readonly title: string }) => `Papers of ${title}`,
  backToTheJob: 'Back to the job',
  which: 'which paper',
  customer: 'Customer’s page',
  job: 'Job sheet',
  labels: 'Labels',
  electrician: 'For the electrician',
  printedOn: 'printed on',
  roll62: 'roll, 62 mm',
  sheet21: 'sheet of 21',
  sheetSize: 'sheet',
  a4: 'A4',
  letter: 'Letter',
  firstLabel: 'first label that is still on the sheet',
  save: 'Save as PDF',
  openToPrint: 'Open to print',
  preview: 'As it will be printed',
  beingSet: 'Being set …',
  notSet: 'It could not be set here. Nothing of the job is lost.',
  fromTheServer: 'Take it from the server',
  outOfReach: ({ missing }: { readonly missing: number }) =>
    missing === 1
      ? 'One photo was out of reach: it is named, not shown.'
      : `${missing} photos were out of reach: they are named, not shown.`,
  inTheRecord: 'in the record',
  nothingToLabel: 'Nothing stands at this job yet: there is nothing to label.',
  nothingForLicence: 'Nothing on this job is for a licence.',
};
