/** Settings. */
export const settings = {
  nothingWasChanged: ({ message }: { readonly message: string }) => `${message} Nothing was changed.`,
  settings: 'Settings',
  theFirmsPolicy: 'The firm’s policy',
  goodPractitionersDifferHere:
    'Good practitioners differ here. A choice acts on jobs made from now on; a job may depart from it in words. None of it opens a mains step.',
  simulatedDevices: 'Simulated devices',
  aSimulatedMeterAnd: 'A simulated meter and phone, to try the program with',
  whatTheyGiveIs: 'What they give is marked “simulated” wherever it shows. Real work wants a real meter.',
  actsOn: ({ acts }: { readonly acts: string }) => `acts on ${acts}`,
  defaultWord: '(default)',
  forAgainst: ({ pro, contra }: { readonly pro: string; readonly contra: string }) => `For: ${pro} Against: ${contra}`,
  crew: 'Crew',
  whoHoldsALicence: 'Licensed work is planned “by …, licensed”: only somebody who holds one ticks it.',
  holdsALicence: ({ name }: { readonly name: string }) => `${name} holds a licence for electrical work`,
  money: 'Money',
  currencyOfParts: 'what parts cost is in',
  noCurrency: 'no currency: bare figures',
};
