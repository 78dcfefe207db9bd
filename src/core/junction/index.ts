export {
  ALLOWANCE_IN3,
  BOX_FILL_AWG,
  BOX_FILL_EDITIONS,
  CONDUCTOR_ROLES,
  boxFill,
  type BoxConductor,
  type BoxContents,
  type BoxFill,
  type BoxFillAwg,
  type BoxFillItem,
  type ConductorRole,
} from './boxFill';
