/** Lets what waits have its turn, in a worker and on the page. */
export const rest = (): Promise<void> =>
  new Promise((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });
