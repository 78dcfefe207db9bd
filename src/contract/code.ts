/**
 * What of the code a job follows from, as a fingerprint that the build puts in: every change of a rule or of a kind changes it.
 * Empty where nobody put one in: what was kept is then never taken for this code’s own.
 */
export const CODE = process.env.FOX_LADDER_CODE ?? '';
