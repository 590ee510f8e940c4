/**
 * What every device outside Kivex is to it: something that is connected, gives readings while it is ready, and may fail or drop
 * out at any moment. The stand-ins keep to this; a driver of a real one would too (`docs/devices.md`).
 */

/** `off` before it is connected, `lost` once it has dropped out, `failed` when it answers nonsense. */
export type DeviceState = 'off' | 'ready' | 'lost' | 'failed';

export interface Device<Reading> {
  readonly state: DeviceState;
  connect(): void;
  disconnect(): void;
  /** The newest reading; undefined while there is none. Never throws. */
  read(): Reading | undefined;
}

/** What a person is told of a device's state. */
export const deviceWords: Readonly<Record<DeviceState, string>> = {
  off: 'not connected',
  ready: 'ready',
  lost: 'lost: check its cable or battery, then connect it again',
  failed: 'gives no sense: take the reading by eye',
};

/** What all stand-ins do alike: they are connected, and drop out when their cable is pulled. */
export abstract class StandIn<Reading> implements Device<Reading> {
  state: DeviceState = 'off';
  connect(): void {
    this.state = 'ready';
  }
  disconnect(): void {
    this.state = 'off';
  }
  /** The cable is out: nothing more comes until it is connected again. */
  dropOut(): void {
    this.state = 'lost';
  }
  abstract read(): Reading | undefined;
}
