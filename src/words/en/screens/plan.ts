/** The plan of a site. */
export const plan = {
  planName: 'The plan of the site',
  north: 'North',
  pickShape: ({ what }: { readonly what: string }) => `${what}: take it in hand`,
  alongItsWall: ({ point }: { readonly point: string }) => `${point} along its wall: drag it, or use the arrow keys`,
  corner: ({ number }: { readonly number: number }) => `corner ${number}: drag it, or arrow keys`,
  beginWithHouse: 'Begin with the house: a shape that is near, then its sides as you tape them.',
  oblongHouse: 'House: four walls',
  angleHouse: 'House: an angle',
  notchHouse: 'House: with a notch',
  showSeen: 'What the cameras see',
  seenBy: ({ cameras }: { readonly cameras: number }) =>
    cameras === 1 ? 'Show what its camera sees' : `Show what its ${cameras} cameras see together`,
  stop: 'stop',
  seenTogether: ({
    identified,
    recognised,
    observed,
    blind,
  }: {
    readonly identified: string;
    readonly recognised: string;
    readonly observed: string;
    readonly blind: string;
  }) =>
    `Faces: ${identified} m² identified, ${recognised} m² recognised, ${observed} m² observed; ${blind} m² of this part of the plan are blind.`,
  fileName: ({ site }: { readonly site: string }) => `${site} plan`,
  saveSvg: 'Save the plan as SVG',
  northByWall: ({ deg }: { readonly deg: number }) => `By the compass at the wall up on the plan is ${deg}°.`,
  takeNorth: 'take it',
  wallsCross: ({ one, other }: { readonly one: number; readonly other: number }) =>
    `Its walls cross: side ${one} runs through side ${other}. Drag a corner back, or look at a turn.`,
  staysOpen: ({ off, longer, closing }: { readonly off: string; readonly longer: boolean; readonly closing: string }) =>
    `It does not close: by the other sides the last is ${closing}, as taped it is ${off} ${longer ? 'longer' : 'shorter'}.`,
  noWall: 'Two corners lie on one spot: a side needs 50 mm at least.',
  takeOff: 'take it off the plan',
  side: ({ number }: { readonly number: number }) => `side ${number}`,
  turnRight: 'then turn right',
  takeSide: 'Take',
  closes: ({ length }: { readonly length: string }) => `closes by itself: ${length}`,
  hangsOn: ({ point }: { readonly point: string }) => `${point} hangs on`,
  wallOf: 'wall',
  wallNumber: ({ number, length }: { readonly number: number; readonly length: string }) => `wall ${number}, ${length}`,
  underlay: 'A picture under it',
  takePhotoFirst: 'Take a photo of a plan, or of a picture from above, then lay it under the drawing here.',
  noUnderlay: 'take the picture away',
  photoUnderneath: 'lay this photo under the plan',
  tapTwoEnds: 'Tap the two ends of a length that you know.',
  onOneSpot: 'Both taps lie on one spot: take ends that are farther apart.',
  howLong: 'how long it is',
  scaleIt: 'Scale the picture by it',
};
