/** All doorbells side by side. */
export const compare = {
  hours: ({ value }: { readonly value: string | number }) => `${value} hours`,
  doesItWorkAt: 'Does it work at this door?',
  notWithoutMoreReadings: 'Not without more readings or another supply.',
  yesWith: ({ wayWords }: { readonly wayWords: string }) => `Yes, with ${wayWords}.`,
  howLongDoesThat: 'How long does that take us?',
  byAnElectrician: ', by an electrician',
  aboutMinutesInParts: ({
    minutes,
    cost,
    byAnElectrician,
  }: {
    readonly minutes: number;
    readonly cost: string;
    readonly byAnElectrician: string;
  }) => `About ${minutes} minutes, ${cost} in parts${byAnElectrician}.`,
  doesTheChimeIn: 'Does the chime in the wall still ring?',
  noAPlugIn: 'No: a plug-in sounder rings.',
  yes: 'Yes.',
  isTheParcelOn: 'Is the parcel on the mat in the picture?',
  yesTogetherWithThe: 'Yes, together with the visitor’s face.',
  noFacesOnlyOr: 'No: faces only, or the mat only.',
  whenDoesAClip: 'When does a clip begin?',
  aMomentLateIt: 'A moment late: it sleeps on its battery and wakes first.',
  beforeThePressIt: 'Before the press: it always watches.',
  whoRechargesIt: 'Who recharges it?',
  nobodyItHasNo: 'Nobody: it has no battery.',
  theWiresForAn: ({ hours, hours2 }: { readonly hours: string; readonly hours2: string }) =>
    `The wires, ${hours} for an ordinary day, ${hours2} for a busy one. In frost you, indoors.`,
  youTheWiresDo: 'You: the wires do not give back what a day takes.',
  whatDoesRecordingCost: 'What does recording cost?',
  askItIsNot: 'Ask: it is not known here.',
  nothing: 'Nothing.',
  aMonth: ({ recordingPerMonth }: { readonly recordingPerMonth: string }) => `${recordingPerMonth} a month.`,
  aNewSupply: ({ name }: { readonly name: string }) => `a new supply, ${name}`,
  otherScrewsOfThe: 'other screws of the transformer',
  theTransformerThatIs: 'the transformer that is there',
  chime: ({ name, name2 }: { readonly name: string; readonly name2: string }) => `${name}; chime: ${name2}`,
  whichDoorbell: 'Which doorbell?',
  backToTheJob: 'Back to the job',
  workedOutForThis: 'Worked out for this door: its wires, its transformer, its chime, on the coldest night.',
  askedFor: 'asked for',
};
