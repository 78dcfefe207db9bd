export {
  WIFI_LIMITS,
  WIFI_SPREAD_DB,
  WIFI_WALLS,
  WIFI_WALL_FACTS,
  WIFI_WORDS,
  predictDbm,
  wifiChanges,
  wifiMeasured,
  wifiPredicted,
  type WifiBand,
  type WifiChange,
  type WifiPath,
  type WifiReading,
  type WifiVerdict,
  type WifiWall,
  type WifiWord,
} from './wifi';
export type { WifiSayings } from './sayings';
