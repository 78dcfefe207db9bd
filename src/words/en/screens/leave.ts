/** Leave. */
export const leave = {
  whatStays: 'What stays',
  jobSheet: 'Job sheet',
  withAllPhotos: 'with all photos, as an archive',
  jobFile: 'Job file',
  theSheetPrintsThe: 'The sheet prints; the file holds the whole log and can be taken in elsewhere.',
  note: 'Note',
  forTheRecord: 'for the record',
  writeItDown: 'Write it down',
  eraseTheCustomer: 'Erase the customer',
  whatErasingDoes:
    'Title, name, address, notes and photos can’t be read any more: here at once, in a backup from the next one on. What was found, built and proved stays. Nothing is written to this job afterwards.',
  titleToBeSure: ({ title }: { readonly title: string }) => `type “${title}” to be sure`,
  eraseForGood: 'Erase for good',
  customerErased: ({ at }: { readonly at: string }) =>
    `The customer was erased on ${at}. What was found, built and proved stays; nothing is written to this job any more.`,
  handingOver: 'Handing over',
  notDoneYet: ({ undone }: { readonly undone: string }) => `Not done yet: ${undone}.`,
  everyRungIsDone: 'Every rung is done.',
  oneWorryStaysOpen: 'One worry stays open: it prints on the sheet.',
  worriesStayOpenThey: ({ worries }: { readonly worries: number }) =>
    `${worries} worries stay open: they print on the sheet.`,
  handedOver: 'Handed over',
  to: ({ customer }: { readonly customer: string }) => ` to ${customer}`,
  notHandedOverAfter: 'Not handed over after all',
  handedTo: 'handed to',
  whatWasToldOr: 'what was told or stays to do',
  theSheetIsHanded: 'The sheet is handed over',
};
