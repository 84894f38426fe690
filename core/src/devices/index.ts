/**
 * What comes down a cable: bytes become lines, a pattern makes lines into readings, and only a reading that stands
 * still is taken.
 * Simulated devices emit bytes of the same kind, with noise, settling, drift, overload and a pulled plug.
 * Nothing here knows of a port; time and chance come in as arguments.
 */
export { LineReader, LONGEST_LINE } from './lineReader';
export {
  compilePattern,
  LINE_PATTERNS,
  parseLine,
  type CompiledPattern,
  type DeviceKind,
  type DeviceLine,
  type LinePattern,
} from './linePattern';
export { DEVICE_OF_STEP, valueInUnit } from './units';
export { SimulatedDevice, SIMULATED, type SimulatedFault } from './simulatedDevice';
export { SteadyWatch, STEADY, type SteadyState } from './steadyWatch';
