/** Codes of devices: scanned, off a picture, typed. */
export const codes = {
  simulated: 'simulated',
  scanLive: 'Scan by the camera',
  stopScanning: 'Stop scanning',
  cameraPicture: 'what the camera sees',
  holdCodeBefore: 'Hold the code before the camera, a hand’s breadth away.',
  cameraRefused: 'This browser was not given the camera. Allow it, take a picture, or type what stands below the code.',
  noCamera: 'No camera can be had here. Take a picture, or type what stands below the code.',
  codeOffPicture: 'Code off a picture',
  beingRead: 'Being read …',
  scanCode: 'Scan its code',
  noCodeOnIt: 'No code can be read on this picture. Nearer, in better light, or type what stands below it.',
  pictureNotRead: 'This picture can’t be read here. Type what stands below the code.',
  anotherCode: ({ code, kept }: { readonly code: string; readonly kept: string }) =>
    `This code says ${code}; kept for this point is ${kept}. Is it another device?`,
  takeThisOne: 'Take this one',
  keepTheOther: 'Keep the other',
  codeBeforeMount: 'Its code, before it goes on the wall',
  codeIsKept: ({ code }: { readonly code: string }) => `Its code is kept: ${code}`,
  carriesNone: 'No code can be read on it.',
  itDoes: 'It has one',
  noneToRead: 'None to be read',
};
