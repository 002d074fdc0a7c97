export {
  type Device,
  type DeviceCommand,
  commandSchema,
  deviceListSchema,
  type DeviceUnit,
  handSchema,
  type Hand,
  type LineEvent,
  lineEventSchema,
  type Refusal,
  refusalSchema,
} from './device';
export { type LineReading, readLine, writeLine } from './line';
export { splitLines } from './splitLines';
