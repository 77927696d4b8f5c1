export {
  type ArmholeContradiction,
  type ArmholeHalf,
  type ArmholeReadings,
  type Block,
  lengthToLevel,
  type RebuiltBlock,
  rebuildBlock,
  type Side,
} from "./block";
