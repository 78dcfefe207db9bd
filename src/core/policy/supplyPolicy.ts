/** What the firm does about a weak supply (domain/schools). */
export const SUPPLY_POLICIES = ['soundest', 'spareChime', 'headroom', 'silence'] as const;
export type SupplyPolicy = (typeof SUPPLY_POLICIES)[number];
