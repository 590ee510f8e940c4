/** The pretend browser of the component tests, with what Node has of real browsers and it has not. */
import JSDOMEnvironment from 'jest-environment-jsdom';

export default class BrowserEnvironment extends JSDOMEnvironment {
  constructor(...given: ConstructorParameters<typeof JSDOMEnvironment>) {
    super(...given);
    Object.assign(this.global, {
      TextEncoder,
      TextDecoder,
      Response,
      Request,
      Headers,
      ReadableStream,
      AbortController,
      AbortSignal,
      structuredClone,
    });
  }
}
