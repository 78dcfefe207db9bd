import { said } from '../said';

/** Told of every camera. */
export const SEES_AND_HEARS = said('sayCameraSees');

/** How something that hangs on a breaker is switched off. */
export const BY_ITS_CIRCUIT = said('showHowSwitch');
