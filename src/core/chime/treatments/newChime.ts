import { said } from '../../said';
import { chimePart, leadsAt, moveTask, type Move } from '../../wiring';
import { modulePart } from '../chimeParts';
import { LABEL_TASK, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

/** Another chime in the old one’s place, made for the volts that will stand there, with a power module across it. */
export const newChime: TreatmentPlan = {
  id: 'newChime',
  name: said('newChimeWithModule'),
  what: said('chimeForNewVolts'),
  sounds: true,
  kinds: ['mechanical', 'electronic'],
  fits: { shelf: 'module', way: 'parallel' },
  regions: [],
  alike: 'powerModule',
  isNewChime: true,
  minutes: 25,
  cost: 24,
  parts: [said('mechanicalChime')],
  setting: 'mechanicalWithModule',
  tasks: (found) => {
    const rear = leadsAt(found, 'chime.Rear');
    const back = (joint: string, ids: readonly string[]): readonly Move[] =>
      ids.map((lead): Move => ({ do: 'on', lead, joint }));
    const front = leadsAt(found, 'chime.Front').map(({ id }) => id);
    const trans = leadsAt(found, 'chime.Trans').map(({ id }) => id);
    return [
      LABEL_TASK,
      moveTask(
        'chime',
        'newchime-off',
        'bell',
        [
          ...swing(found, 'Front', null),
          ...swing(found, 'Trans', null),
          ...rear.map(({ id: lead }): Move => ({ do: 'off', lead, joint: 'chime.Rear' })),
          { do: 'remove', part: 'chime' },
        ],
        said('leaveLabelled'),
        said('oldChimeDown'),
      ),
      moveTask(
        'chime',
        'newchime-on',
        'bell',
        [
          { do: 'add', part: chimePart('chime', 'chime', said('newChimePart')) },
          ...back('chime.Trans', trans),
          ...back('chime.Front', front),
          ...back(
            'chime.Rear',
            rear.map(({ id }) => id),
          ),
        ],
        said('sameScrewsAsBefore'),
        said('newChimeUp'),
      ),
      moveTask(
        'chime',
        'newchime-module',
        'bell',
        [
          { do: 'add', part: modulePart('module') },
          { do: 'on', lead: 'module.a', joint: 'chime.Front' },
          { do: 'on', lead: 'module.b', joint: 'chime.Trans' },
        ],
        said('oneTerminalTimeEither'),
        said('moduleAcrossFrontTrans'),
      ),
    ];
  },
};
