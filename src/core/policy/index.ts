export { DEFAULT_POLICY, POLICY_IDS, POLICY_MATTERS, type Policy, type PolicyMatter, type School } from './policies';
export { SUPPLY_POLICIES, type SupplyPolicy } from './supplyPolicy';
