import type { BoxSurvey, ConductorTestId, SurveyedCable, SurveyedConductor, SwitchPosition } from '@/core/junction';
import type { Random } from '@/core/random';
import type { ProbedConductor } from '@/contract/instrument';

type Truth = 'hot' | 'switched' | 'neutral' | 'ground' | 'spare';

/** What a house is like: how much leaks, how good its ground is. */
interface House {
  readonly strayShare: number;
  readonly neutralShare: number;
  readonly groundOhms: number;
}

/** What a conductor is in this house: as it was found by real readings, else as its colour and its cable make likely. */
function truthOf(survey: BoxSurvey, cable: SurveyedCable, one: SurveyedConductor, i: number): Truth {
  if (one.carries !== 'unknown') return one.carries;
  const claim = one.claims ?? (i === 0 ? 'hot' : i === 1 ? 'neutral' : 'ground');
  if (claim !== 'hot') return claim;
  const ahead = survey.ahead === 'switch' || survey.ahead === 'timer';
  const firstHot = cable.conductors.findIndex(({ claims }) => claims === 'hot') === i;
  if (cable.role === 'switchLeg')
    return firstHot && cable.conductors.some(({ claims }) => claims === 'neutral')
      ? 'switched'
      : firstHot
        ? 'hot'
        : 'switched';
  return ahead && (!firstHot || survey.cables.length === 1) ? 'switched' : 'hot';
}

/** A reading at a conductor of this house: V, A or Ω by the test. */
function valueOf(
  truth: Truth,
  test: ConductorTestId,
  switches: SwitchPosition | null,
  volts: number,
  house: House,
): number {
  const live = truth === 'hot' || (truth === 'switched' && switches === 'allOn');
  switch (test) {
    case 'toGround':
      return live ? volts : (truth === 'neutral' ? house.neutralShare : house.strayShare) * volts;
    case 'fromHot':
      return truth === 'neutral' || truth === 'ground' ? volts : house.strayShare * volts;
    case 'loadAmps':
      return truth === 'neutral' ? 0 : truth === 'ground' ? LAMP_AMPS : 0;
    case 'neutralAmps':
      return 0;
    case 'groundOhms':
      return truth === 'ground' ? house.groundOhms : truth === 'neutral' ? house.groundOhms + 0.1 : Infinity;
  }
}

/** What a test lamp takes. */
const LAMP_AMPS = 0.4;

/**
 * The box that the meter is put on, as one house that agrees with what was read.
 * @returns a reading’s true value; null where the box has no such conductor
 */
export function boxTruth(survey: BoxSurvey, volts: number, random: Random): (probed: ProbedConductor) => number | null {
  const house: House = {
    strayShare: 0.004 + random() * 0.02,
    neutralShare: 0.003 + random() * 0.006,
    groundOhms: 0.15 + random() * 0.4,
  };
  const truths = new Map<string, Truth>(
    survey.cables.flatMap((cable) =>
      cable.conductors.map((one, i) => [`${cable.id}.${one.id}`, truthOf(survey, cable, one, i)] as const),
    ),
  );
  return ({ key, test, switches }) => {
    const truth = truths.get(key);
    return truth === undefined ? null : valueOf(truth, test, switches, volts, house);
  };
}
