/** Told of every camera. */
export const SEES_AND_HEARS =
  'Say what the camera sees and that voice is recorded; a notice, if the place asks for one.';

/** How something that hangs on a breaker is switched off. */
export const BY_ITS_CIRCUIT = 'Show how to switch it off: the sheet names the circuit.';
