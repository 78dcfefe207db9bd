export { DEFAULT_POLICY, POLICY_IDS, POLICY_MATTERS, type Policy, type PolicyMatter, type School } from './policies';
export { MODULE_POLICIES, SUPPLY_POLICIES, type ModulePolicy, type SupplyPolicy } from './supplyPolicy';
export type { PolicySayings } from './sayings';
