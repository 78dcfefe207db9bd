import { LABEL_STEP, SOUNDER_PART, type Treatment } from '../treatment';

export const moduleBypass: Treatment = {
  id: 'moduleBypass',
  name: 'Module in bypass',
  what: 'chime out of the loop, wires joined through a self-resetting protector',
  standing: { path: 'link', linkOhms: 0.3 },
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  regions: ['na-120'],
  minutes: 10,
  cost: 22,
  parts: ['module with bypass ports (in the bag)', SOUNDER_PART],
  setting: 'no chime',
  steps: [
    LABEL_STEP,
    {
      id: 'bypass-front',
      place: 'chime',
      words: 'House wire off Front',
      how: 'Leave it labelled; keep it from touching anything.',
      touches: 'bell',
      terminal: 'Front',
    },
    {
      id: 'bypass-trans',
      place: 'chime',
      words: 'House wire off Trans, both wires into the bypass ports',
      how: 'Take the module’s lead set off first. Strip 8 mm, push in until it holds.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
    {
      id: 'bypass-place',
      place: 'chime',
      words: 'Lay the module in the chime and close the cover',
      how: 'The chime is silent from now on: tell the customer, pair the plug-in sounder.',
      touches: 'nothing',
    },
  ],
};
