/** What the firm does about a weak supply (domain/schools). */
export const SUPPLY_POLICIES = ['soundest', 'spareChime', 'headroom', 'silence'] as const;
export type SupplyPolicy = (typeof SUPPLY_POLICIES)[number];

/** When the firm fits a power module (domain/schools). */
export const MODULE_POLICIES = ['demanded', 'inBag', 'notWhenStrong'] as const;
export type ModulePolicy = (typeof MODULE_POLICIES)[number];
