/** Photos. */
export const photo = {
  browserCantKeep: ({ name }: { readonly name: string }) =>
    `This browser can’t keep ${name}: it is sent from this page alone. Don’t close it before it is there.`,
  isMBUpTo: ({ name, size }: { readonly name: string; readonly size: number }) =>
    `“${name}” is ${size} MB; up to 40 MB can be taken. It was not kept.`,
  takeAPhotoFor: 'Take a photo for this rung',
  waiting: ({ waiting }: { readonly waiting: number }) => ` (${waiting} waiting)`,
  photo: ({ waiting }: { readonly waiting: string }) => `photo${waiting}`,
  trialPicture: 'trial picture',
  photo2: 'photo',
  arrow: 'arrow',
  circle: 'circle',
  label: 'label',
  photo3: 'Photo',
  draw: 'draw',
  itsTextThenTap: 'its text, then tap where it goes',
  fetchingThePicture: 'fetching the picture…',
  keepTheMarks: 'Keep the marks',
  takeTheLastAway: 'Take the last away',
  noMoreMarksFit: 'No more marks fit.',
  drawn: ({ marks }: { readonly marks: number }) => `${marks} drawn`,
  none: 'none',
  boardWithItsLabels:
    'Board with its labels, chime with its wires, the hole, the street side. And a trial picture: device or phone held at the spot before anything is drilled.',
  takeOrPickA: 'Take or pick a photo',
  keptHereOnIts: 'kept here, on its way to the server',
  dropIt: 'drop it',
  noPhotoYet: 'No photo yet.',
  thePhoto: 'the photo',
  drawOn: ({ caption }: { readonly caption: string }) => `Draw on ${caption}`,
  drawOnIt: 'Draw on it',
  takeAway: 'take away',
};
