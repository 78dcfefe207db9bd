/** How many random cases a test tries: so many in the check, many times as many by `npm run faults`. */
export const runs = (few: number): number => few * Number(process.env.FOX_LADDER_TIMES ?? '1');
